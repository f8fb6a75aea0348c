<script setup lang="ts">
import type { Handle, View } from '../core';
import { useRun } from './run';

const props = defineProps<{ handles: Handle[]; tool: string; view: View }>();
const emit = defineEmits<{ aim: [handle: string] }>();
const run = useRun();
const AXES: Record<string, string> = {
  yz: 'Y and Z',
  zx: 'Z and X',
  xy: 'X and Y',
  view: 'the picture',
  all: 'all axes',
};
const VERBS: Record<string, string> = { move: 'Move along', rotate: 'Turn about', scale: 'Scale along' };
const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

function words(h: Handle): string {
  return `${VERBS[props.tool] ?? 'Drag'} ${AXES[h.id] ?? h.id.toUpperCase()}: arrow keys step, Shift far, Alt fine`;
}

function key(e: KeyboardEvent, h: Handle) {
  const steps = STEPS[e.key];
  if (steps === undefined) return;
  const second = e.key === 'ArrowUp' || e.key === 'ArrowDown';
  run('tool.step-handle', { handle: h.id, steps, second, shift: e.shiftKey, alt: e.altKey }, props.view.id);
  e.preventDefault();
  e.stopPropagation();
}
</script>

<template>
  <button
    v-for="h in handles"
    :key="h.id"
    class="handle"
    :style="{ left: `${h.points.at(-2)! - 12}px`, top: `${h.points.at(-1)! - 12}px` }"
    :aria-label="words(h)"
    :data-handle-key="h.id"
    data-command="tool.step-handle"
    @keydown="key($event, h)"
    @focus="emit('aim', h.id)"
    @blur="emit('aim', '')"
  />
</template>

<style scoped>
/* The hand passes through to the handle itself; the keyboard finds it here. */
.handle {
  position: absolute;
  width: 24px;
  height: 24px;
  padding: 0;
  border: 0;
  background: none;
  pointer-events: none;
}
.handle:focus-visible {
  outline: 2px solid var(--accent);
}
</style>
