<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { making } from './making';
import { say } from '../../words/say';

/** A drill that is being made: what to do next. */
const props = defineProps<{ open: OpenScene }>();
const run = useRun();
const make = making(props.open);
const { step, wrong, picture } = make;
const name = ref('');
const field = ref<HTMLInputElement>();
const MOST = 80;
const asks = computed(
  () =>
    ({
      start: say('make-bar.go-to-where-your-drill-begins'),
      goal: say('make-bar.now-go-to-the-view-that'),
      name: say('make-bar.what-is-it-called'),
    })[step.value ?? 'start'],
);

watch(step, async (now) => {
  if (now !== 'name') return;
  name.value = '';
  await nextTick();
  field.value?.focus();
});

async function keep() {
  await make.keep(name.value);
  if (!step.value) run('app.drills');
}
</script>

<template>
  <section v-if="step" class="bar" :aria-label="say('make-bar.a-drill-of-your-own')" :data-making="step">
    <strong>{{ say('make-bar.a-drill-of-your-own') }}</strong>
    <img v-if="step === 'name'" :src="picture" :alt="say('make-bar.the-goal')" width="60" height="40" />
    <span class="asks" role="status">{{ wrong || asks }}</span>
    <template v-if="step === 'start'">
      <el-button size="small" type="primary" data-make-start @click="make.setStart()">
        {{ say('make-bar.it-begins-here') }}
      </el-button>
    </template>
    <template v-else-if="step === 'goal'">
      <el-button size="small" type="primary" data-make-goal @click="make.setGoal()">
        {{ say('make-bar.this-is-the-goal') }}
      </el-button>
    </template>
    <form v-else @submit.prevent="keep">
      <input
        ref="field"
        v-model="name"
        :maxlength="MOST"
        :aria-label="say('make-bar.name-of-the-drill')"
        spellcheck="false"
      />
      <el-button size="small" type="primary" native-type="submit" :disabled="!name.trim()" data-make-keep>
        {{ say('make-bar.keep-it') }}
      </el-button>
    </form>
    <button class="plain" data-help="drill-stop-making" @click="make.stop()">{{ say('make-bar.give-it-up') }}</button>
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 40px;
  padding: 4px 14px;
  background: color-mix(in srgb, var(--accent) 14%, var(--panel));
  border-top: 1px solid var(--accent);
}
.asks {
  flex: 1;
}
form {
  display: flex;
  gap: 8px;
}
input {
  min-height: 26px;
  width: 220px;
  padding: 0 8px;
  font: inherit;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
}
img {
  object-fit: cover;
}
</style>
