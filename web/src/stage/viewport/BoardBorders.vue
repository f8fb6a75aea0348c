<script setup lang="ts">
import { computed } from 'vue';
import { useStage } from '../open/store';
import { useRun } from '../open/run';
import { useControlKeys } from '../input/controlKeys';
import { followPointer } from '../input/followPointer';
import { say } from '../../words/say';

const props = defineProps<{ stage: HTMLElement | undefined }>();
const store = useStage();
const run = useRun();
/** Crossings last: they lie over the borders that meet in them. */
const borders = computed(() => store.boards.borders);

function send(part: string, e: PointerEvent, border = '') {
  const box = props.stage!.getBoundingClientRect();
  run('board.drag-border', { part, border, x: e.clientX - box.left, y: e.clientY - box.top, alone: e.altKey });
}

function press(e: PointerEvent, id: string) {
  if (e.button !== 0) return;
  (e.currentTarget as HTMLElement).setPointerCapture(e.pointerId);
  send('begin', e, id);
  followPointer(e, {
    move: (m) => send('move', m),
    end: (u) => (u ? send('end', u) : run('board.drag-border', { part: 'cancel' })),
  });
}

const key = useControlKeys('border', (action, e) => {
  const { border } = (e.currentTarget as HTMLElement).dataset;
  if (action === 'choose') run('board.even', { border });
  else run('board.step-border', { border, to: action });
});
</script>

<template>
  <div
    v-for="b in borders"
    :key="b.id"
    class="border"
    :class="{ upright: b.upright, level: !b.upright && !b.crossing, crossing: b.crossing }"
    :style="{ left: `${b.x}px`, top: `${b.y}px`, width: `${b.width}px`, height: `${b.height}px` }"
    :role="b.crossing ? undefined : 'separator'"
    :aria-orientation="b.crossing ? undefined : b.upright ? 'vertical' : 'horizontal'"
    :aria-valuenow="b.crossing ? undefined : Math.round((b.part ?? 0.5) * 100)"
    :aria-label="b.crossing ? undefined : say('board-borders.border-between-viewports-arrows-move-it')"
    :tabindex="b.crossing ? undefined : 0"
    data-help="border"
    :data-border="b.id"
    @pointerdown="press($event, b.id)"
    @dblclick="run('board.even', { border: b.id })"
    @keydown="key"
  />
</template>

<style scoped>
.border {
  position: absolute;
  z-index: 3;
  touch-action: none;
}
/* The line is three pixels; what can be grabbed reaches a little farther. */
.border::before {
  content: '';
  position: absolute;
  inset: -3px;
}
.upright {
  cursor: col-resize;
}
.level {
  cursor: row-resize;
}
.crossing {
  cursor: move;
  z-index: 4;
}
.crossing::before {
  inset: -7px;
  transform: rotate(45deg);
}
.border:hover,
.border:focus-visible,
.border:active {
  background: var(--accent);
  outline: none;
}
.crossing:hover {
  background: none;
}
.crossing:hover::before {
  background: var(--accent);
  inset: -5px;
}
</style>
