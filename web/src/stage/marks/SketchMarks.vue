<script setup lang="ts">
import type { Marked, ViewportMarks } from '../../core';

/** What is marked on a picture: lines with a round start and a pointed end, points, and how far off each is. */
defineProps<{ marks: ViewportMarks; aimed: string }>();

const lit = (s: Marked, end: string, aimed: string) => s.lit === end || aimed === end;
const angle = (s: Marked) => (Math.atan2(s.y2 - s.y1, s.x2 - s.x1) * 180) / Math.PI;
const words = (s: Marked) => `${s.sort === 'span' ? '' : s.number} ${s.error ?? ''}`.trim();
</script>

<template>
  <g v-if="marks.sketch" :data-sketch="marks.sketch.object">
    <g v-for="s in marks.sketch.strokes" :key="s.first" :class="[s.sort, s.axis ?? 'own']" :data-mark="s.first">
      <template v-if="s.sort !== 'point'">
        <path class="under" :d="`M${s.x1} ${s.y1}L${s.x2} ${s.y2}`" />
        <path class="body" :d="`M${s.x1} ${s.y1}L${s.x2} ${s.y2}`" />
        <circle class="end" :class="{ lit: lit(s, s.first, aimed) }" :cx="s.x1" :cy="s.y1" r="5.5" />
        <path
          class="end"
          :class="{ lit: lit(s, s.second, aimed) }"
          :d="s.sort === 'line' ? 'M6 0-5-5.5-5 5.5Z' : 'M0-6 6 0 0 6-6 0Z'"
          :transform="`translate(${s.x2} ${s.y2}) rotate(${s.sort === 'line' ? angle(s) : 0})`"
        />
      </template>
      <template v-else>
        <path class="under" d="M-11 0H-3M3 0H11M0-11V-3M0 3V11" :transform="`translate(${s.x1} ${s.y1})`" />
        <path class="body" d="M-11 0H-3M3 0H11M0-11V-3M0 3V11" :transform="`translate(${s.x1} ${s.y1})`" />
        <path
          class="end"
          :class="{ lit: lit(s, s.first, aimed) }"
          d="M0-5 5 0 0 5-5 0Z"
          :transform="`translate(${s.x1} ${s.y1})`"
        />
      </template>
      <text :x="(s.x1 + s.x2) / 2 + 9" :y="(s.y1 + s.y2) / 2 - 9">{{ words(s) }}</text>
    </g>
  </g>
</template>

<style scoped>
g {
  fill: none;
  stroke: currentColor;
}
.own {
  color: var(--pick);
}
.under {
  stroke: var(--panel);
  stroke-width: 5;
  opacity: 0.6;
}
.body {
  stroke-width: 2;
}
.span .body {
  stroke-dasharray: 7 4;
}
.end {
  fill: var(--panel);
  stroke-width: 2;
}
.lit {
  fill: currentColor;
}
text {
  fill: var(--text);
  font: 11.5px var(--numbers);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 3px;
}
</style>
