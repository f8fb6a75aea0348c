<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ marks: ViewportMarks }>();
/** A small picture for each motion, drawn about its middle. */
const PICTURES: Record<string, string> = {
  orbit: 'M-7 1A7 4 0 0 0 7 1M-7 1l-2-3M-7 1l3-2M0-7V-3',
  pan: 'M-7 0H7M0-7V7M-7 0l2.5-2M-7 0l2.5 2M7 0l-2.5-2M7 0l-2.5 2',
  dolly: 'M0 7V-6M0-6l-3 3M0-6l3 3M-5 7H5',
  look: 'M-8 0Q0-7 8 0Q0 7-8 0M-1.5 0a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0-3 0',
  zoom: 'M-6-4V4M-6-4L6-7V7L-6 4',
  drive: 'M0-7L6 6L0 3L-6 6Z',
  roll: 'M-6 3A6.5 6.5 0 1 1 6 3M6 3l-3.5-.5M6 3l1-3.5',
  'dolly-zoom': 'M-7-3L7-7V7L-7 3ZM0-2V2',
  crop: 'M-7-4H4V7M-4-7V4H7',
};
</script>

<template>
  <!-- Small layers of their own, see the marks of lights and cameras. -->
  <svg
    v-for="g in marks.grips"
    :key="g.motion"
    class="grip"
    :class="{ lit: g.lit }"
    :viewBox="`${-g.width - 2} ${-g.height - 2} ${2 * g.width + 4} ${2 * g.height + 4}`"
    :style="{
      width: `${2 * g.width + 4}px`,
      height: `${2 * g.height + 4}px`,
      transform: `translate(${g.x - g.width - 2}px, ${g.y - g.height - 2}px)`,
    }"
    :data-grip="g.motion"
    aria-hidden="true"
  >
    <path class="body" :d="`M0 ${-g.height}L${g.width} 0L0 ${g.height}L${-g.width} 0Z`" />
    <path class="picture" :d="PICTURES[g.motion] ?? ''" transform="translate(0 -7)" />
    <text v-if="g.words.length < 8" y="11" text-anchor="middle">{{ g.words }}</text>
    <text v-else class="long" y="8" text-anchor="middle">{{ g.words }}</text>
  </svg>
</template>

<style scoped>
.grip {
  position: absolute;
  left: 0;
  top: 0;
  overflow: visible;
  z-index: 2;
  will-change: transform;
}
text.long {
  font-size: 10.5px;
  letter-spacing: -0.02em;
}
.body {
  fill: var(--panel);
  stroke: var(--quiet);
  stroke-width: 1;
}
.lit .body {
  fill: var(--accent);
  stroke: var(--accent);
}
.picture {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.5;
  stroke-linecap: square;
}
.lit .picture {
  stroke: var(--on-accent);
}
text {
  font: 12px var(--words);
  fill: var(--text);
}
.lit text {
  fill: var(--on-accent);
}
</style>
