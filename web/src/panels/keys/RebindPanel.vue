<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useCore } from '../../core';
import type { Captured, KeyBinding } from '../../core';
import { useWatchedHand } from './watchHand';

const core = useCore();
const props = defineProps<{ binding: KeyBinding; offered?: boolean }>();
const emit = defineEmits<{ done: []; cancel: [] }>();
const seen = ref<Captured | null>(null);
const pad = ref<HTMLElement>();
const { watch } = useWatchedHand(pad, () => {
  seen.value = core.keys.captured();
  return seen.value !== null;
});

const freeOne = computed(() => `Use ${seen.value?.free}, which is free`);

function again() {
  seen.value = null;
  watch();
}

function apply(how: 'set' | 'swap' | 'replace' | 'free') {
  core.keys.rebind(how);
  emit('done');
}

onMounted(() => {
  if (props.offered) seen.value = core.keys.offered();
  else watch();
});
</script>

<template>
  <div class="rebind">
    <p>
      <template v-if="binding.trigger">
        Another trigger for <b>{{ binding.words }}</b>, {{ binding.where }}. It has <kbd>{{ binding.trigger }}</kbd> and
        needs {{ binding.needs }}.
      </template>
      <template v-else>
        A trigger for <b>{{ binding.words }}</b>, {{ binding.where }}. It needs {{ binding.needs }}.
      </template>
    </p>
    <div
      ref="pad"
      class="pad clipped"
      tabindex="0"
      role="application"
      aria-label="Do the new trigger here"
      data-capture
    >
      <template v-if="seen">
        <kbd class="big">{{ seen.words }}</kbd>
      </template>
      <template v-else>
        Do it here: press the key, hold it and move, click, drag with one button or two, turn the wheel, slide or tap.
      </template>
    </div>
    <p v-if="seen?.refused" class="bad" role="alert">{{ seen.refused }}</p>
    <p v-if="seen?.clash" class="bad" role="alert" data-clash>
      Clash: {{ seen.words }} already does “{{ seen.clash }}”. Swap both, or replace it so that “{{ seen.clash }}” has
      no trigger.
    </p>
    <p v-for="n in seen?.notes ?? []" :key="n" class="note">{{ n }}</p>
    <div class="choices">
      <template v-if="seen && !seen.refused">
        <template v-if="seen.clash">
          <el-button v-if="seen.canSwap" type="primary" data-choice="swap" @click="apply('swap')">Swap</el-button>
          <el-button data-choice="replace" @click="apply('replace')">Replace</el-button>
        </template>
        <el-button v-else type="primary" data-choice="set" @click="apply('set')">Use it</el-button>
      </template>
      <el-button v-if="seen?.free" data-choice="free" @click="apply('free')">{{ freeOne }}</el-button>
      <el-button v-if="seen" @click="again">Do it again</el-button>
      <el-button @click="$emit('cancel')">Cancel</el-button>
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
