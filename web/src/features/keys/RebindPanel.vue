<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useCore } from '../../core';
import type { CapturedTrigger, KeyBinding } from '../../core';
import { useWatchedHand } from '../../stage/input/watchHand';
import { say } from '../../words/say';

const core = useCore();
const props = defineProps<{ binding: KeyBinding; offered?: boolean }>();
const emit = defineEmits<{ done: []; cancel: [] }>();
const seen = ref<CapturedTrigger | null>(null);
const pad = ref<HTMLElement>();
const { watch } = useWatchedHand(pad, () => {
  seen.value = core.stage.bindings.captured();
  return seen.value !== null;
});

/** What nobody can do without and nothing would run any more, whichever way out is taken; it takes a clear yes. */
const lost = computed(() => [...new Set([...(seen.value?.loses ?? []), ...(seen.value?.losesBySwap ?? [])])]);
const sure = ref(false);
const freeOne = computed(() => say('rebind-panel.use-which-is-free', seen.value?.free));

function again() {
  seen.value = null;
  sure.value = false;
  watch();
}

function apply(how: 'set' | 'swap' | 'replace' | 'free') {
  core.stage.bindings.apply(how, sure.value);
  emit('done');
}

onMounted(() => {
  if (props.offered) seen.value = core.stage.bindings.offered();
  else watch();
});
</script>

<template>
  <div class="rebind">
    <p>
      <template v-if="binding.trigger">
        {{ say('rebind-panel.another-trigger-for', binding.words, binding.where) }}
        <kbd>{{ binding.trigger }}</kbd> {{ say('rebind-panel.and-needs', binding.needs) }}
      </template>
      <template v-else>
        {{ say('rebind-panel.a-trigger-for', binding.words, binding.where, binding.needs) }}
      </template>
    </p>
    <div
      ref="pad"
      class="pad clipped"
      tabindex="0"
      role="application"
      :aria-label="say('rebind-panel.do-the-new-trigger-here')"
      data-capture
    >
      <template v-if="seen">
        <kbd class="big">{{ seen.words }}</kbd>
      </template>
      <template v-else>
        {{ say('rebind-panel.do-it-here-press-the-key') }}
      </template>
    </div>
    <p v-if="seen?.refused" class="bad" role="alert">{{ seen.refused }}</p>
    <p v-if="seen?.clash" class="bad" role="alert" data-clash>
      {{
        seen.canSwap
          ? say('rebind-panel.clash-already-does-swap-both-or', seen.words, seen.clash)
          : say('rebind-panel.clash-already-does-replace-or', seen.words, seen.clash)
      }}
    </p>
    <p v-for="n in seen?.notes ?? []" :key="n" class="note">{{ n }}</p>
    <p v-if="seen && lost.length" class="bad" role="alert" data-loses>
      {{ say('rebind-panel.nothing-runs-any-more', lost.join(', ')) }}
      <el-checkbox v-model="sure" :label="say('rebind-panel.i-want-that')" data-sure />
    </p>
    <div class="choices">
      <template v-if="seen && !seen.refused">
        <template v-if="seen.clash">
          <el-button
            v-if="seen.canSwap"
            type="primary"
            data-choice="swap"
            :disabled="!!seen.losesBySwap.length && !sure"
            @click="apply('swap')"
          >
            {{ say('rebind-panel.swap') }}
          </el-button>
          <el-button data-choice="replace" :disabled="!!seen.loses.length && !sure" @click="apply('replace')">
            {{ say('rebind-panel.replace') }}
          </el-button>
        </template>
        <el-button
          v-else
          type="primary"
          data-choice="set"
          :disabled="!!seen.loses.length && !sure"
          @click="apply('set')"
        >
          {{ say('rebind-panel.use-it') }}
        </el-button>
      </template>
      <el-button v-if="seen?.free" data-choice="free" @click="apply('free')">{{ freeOne }}</el-button>
      <el-button v-if="seen" @click="again">{{ say('rebind-panel.do-it-again') }}</el-button>
      <el-button @click="$emit('cancel')">{{ say('rebind-panel.cancel') }}</el-button>
    </div>
  </div>
</template>

<style scoped src="./pad.css"></style>

<style scoped>
.rebind {
  display: grid;
  gap: 14px;
}
.pad {
  height: 210px;
}
.big {
  font-size: 22px;
  padding: 8px 18px;
  background: var(--panel);
}
.bad {
  color: var(--caution);
}
.note {
  color: var(--quiet);
}
.choices {
  display: flex;
  gap: 4px;
}
</style>
