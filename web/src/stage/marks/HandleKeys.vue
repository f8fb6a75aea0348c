<script setup lang="ts">
import { computed } from 'vue';
import type { ViewportSummary, ViewportMarks } from '../../core';
import { useControlKeys } from '../input/controlKeys';
import { useRun } from '../open/run';
import { say } from '../../words/say';

const props = defineProps<{ marks: ViewportMarks; view: ViewportSummary }>();
/** Where the keyboard finds each handle. */
const places = computed(() => [
  ...props.marks.handles.map((h) => ({ id: h.id, words: h.words, x: h.points.at(-2)!, y: h.points.at(-1)! })),
  ...(props.marks.sketch?.strokes ?? []).flatMap((s) => [
    { id: s.first, words: `${s.sort} ${s.number}`, x: s.x1, y: s.y1 },
    ...(s.sort === 'point'
      ? []
      : [{ id: s.second, words: say('handle-keys.end-of', s.sort, s.number), x: s.x2, y: s.y2 }]),
  ]),
  ...props.marks.cameraHandles.map((h) => ({
    id: h.id,
    words: say('handle-keys.of-the-camera', h.words),
    x: h.x,
    y: h.y,
  })),
]);
const emit = defineEmits<{ aim: [handle: string] }>();
const run = useRun();

const key = useControlKeys('handle', (to, e) => {
  const handle = (e.currentTarget as HTMLElement).dataset.handleKey!;
  run('tool.step-handle', { handle, to, shift: e.shiftKey, alt: e.altKey }, props.view.id);
});
</script>

<template>
  <button
    v-for="h in places"
    :key="h.id"
    class="handle"
    :style="{ left: `${h.x - 12}px`, top: `${h.y - 12}px` }"
    :aria-label="say('handle-keys.arrow-keys-step', h.words)"
    :data-handle-key="h.id"
    data-command="tool.step-handle"
    @keydown="key"
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
