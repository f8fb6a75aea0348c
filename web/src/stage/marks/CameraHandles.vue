<script setup lang="ts">
import type { CameraHandleMark, ViewportMarks } from '../../core';

/** What of a selected camera can be dragged, each with its own shape in a lozenge, and its number where the hand is. */
const props = defineProps<{ marks: ViewportMarks; aimed: string; width: number }>();
/** Room that words need beside a handle, pixels. */
const WORDS = 170;
const beside = (x: number) => (x > props.width - WORDS ? { x: -15, y: -11, 'text-anchor': 'end' } : { x: 15, y: -11 });
const words = (h: CameraHandleMark) => `${h.words} ${h.value ?? ''}`;
const SHAPES = {
  place: 'M-3-3H3V3H-3Z',
  aim: 'M-4 0H4M0-4V4',
  lens: 'M-3 3 3-3M0-3H3V0',
  focus: 'M0-4V4M-3-2V2M3-2V2',
  roll: 'M-3 2A3.6 3.6 0 1 1 3 2',
  near: 'M2-4V4M-1 0H-4',
  far: 'M-2-4V4M1 0H4',
};
</script>

<template>
  <g
    v-for="h in marks.cameraHandles"
    :key="h.id"
    class="handle"
    :class="{ lit: h.lit || h.id === aimed }"
    :transform="`translate(${h.x} ${h.y})`"
    :data-camera-handle="h.what"
    :data-object="h.object"
  >
    <path class="body" d="M0-9 9 0 0 9-9 0Z" />
    <path class="shape" :d="SHAPES[h.what]" />
    <text v-if="h.lit" v-bind="beside(h.x)">{{ words(h) }}</text>
  </g>
</template>

<style scoped>
.body {
  fill: var(--panel);
  stroke: var(--pick);
  stroke-width: 1.6;
}
.shape {
  fill: none;
  stroke: var(--pick);
  stroke-width: 1.3;
}
.lit .body {
  fill: var(--pick);
}
.lit .shape {
  stroke: var(--panel);
}
text {
  fill: var(--text);
  font: 12px var(--numbers);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 4px;
}
</style>
