<script setup lang="ts">
import { computed } from 'vue';
import type { Tip } from '../../core';
import { useRun } from '../../stage/open/run';
import { say } from '../../words/say';

/** A tip near where the eye is. It stays until it is put away or followed, and nothing but its buttons stops the hand. */
const props = defineProps<{ tip: Tip }>();
const run = useRun();
const WIDTH = 280;
const HEIGHT = 110;
const AWAY = 28;
/** Beside the pointer, within the stage. */
const place = computed(() => ({
  left: `clamp(8px, ${props.tip.x + AWAY}px, calc(100% - ${WIDTH + 8}px))`,
  top: `clamp(8px, ${props.tip.y + AWAY}px, calc(100% - ${HEIGHT + 8}px))`,
  width: `${WIDTH}px`,
}));
</script>

<template>
  <aside class="tip clipped" role="status" :aria-label="say('tip-card.tip')" :style="place" :data-tip="tip.id">
    <p>{{ tip.words }}</p>
    <button
      v-if="tip.offer && tip.command"
      class="plain offer"
      :data-command="tip.command"
      @click="run(tip.command, tip.args ?? {})"
    >
      {{ tip.offer }}
    </button>
    <button class="plain" data-command="app.end-tip" @click="run('app.end-tip')">{{ say('tip-card.got-it') }}</button>
    <button class="plain" data-command="app.no-tips" @click="run('app.no-tips')">
      {{ say('tip-card.no-more-tips') }}
    </button>
  </aside>
</template>

<style scoped>
.tip {
  position: absolute;
  z-index: 5;
  padding: 10px 14px 8px;
  background: var(--raised);
  box-shadow: inset 3px 0 0 var(--accent);
  pointer-events: none;
}
p {
  margin: 0 0 4px;
}
button {
  pointer-events: auto;
  min-height: 26px;
  color: var(--quiet);
}
button:first-of-type {
  margin-left: -6px;
}
.offer {
  color: var(--accent);
}
</style>
