<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ marks: ViewportMarks }>();

function path(points: number[], close: boolean) {
  const p: string[] = [];
  for (let i = 0; i < points.length; i += 2) p.push(`${points[i]} ${points[i + 1]}`);
  return `M${p.join('L')}${close ? 'Z' : ''}`;
}
</script>

<template>
  <g>
    <path
      v-if="marks.own"
      class="own"
      d="M0-9V-3M0 9V3M-9 0H-3M9 0H3M0-3 3 0 0 3-3 0Z"
      :transform="`translate(${marks.own.x} ${marks.own.y})`"
      data-own-pivot
    />
    <template v-for="(p, k) in marks.parts" :key="k">
      <path
        v-if="p.sort === 'vertex'"
        class="part dot"
        d="M0-5 5 0 0 5-5 0Z"
        :transform="`translate(${p.points[0]} ${p.points[1]})`"
      />
      <path v-else class="part" :class="p.sort" :d="path(p.points, p.sort === 'face')" />
    </template>
    <g v-if="marks.hover" data-hover>
      <path class="hull" :d="path(marks.hover.hull, true)" />
      <text v-if="marks.hover.x !== undefined" :x="marks.hover.x + 14" :y="(marks.hover.y ?? 0) + 24">
        {{ marks.hover.name }}
      </text>
    </g>
    <g v-if="marks.marquee" data-marquee>
      <rect
        class="marquee"
        :class="{ inside: marks.marquee.inside }"
        :x="marks.marquee.x"
        :y="marks.marquee.y"
        :width="marks.marquee.width"
        :height="marks.marquee.height"
      />
      <text :x="marks.marquee.x + 6" :y="marks.marquee.y - 6">{{ marks.marquee.words }}</text>
    </g>
  </g>
</template>

<style scoped>
.own {
  fill: none;
  stroke: var(--pick);
  stroke-width: 1.5;
  paint-order: stroke;
}
.hull {
  fill: none;
  stroke: var(--pick);
  stroke-width: 1.2;
  stroke-dasharray: 3 4;
}
.part {
  fill: none;
  stroke: var(--pick);
  stroke-width: 3;
}
.part.dot {
  fill: var(--pick);
  stroke: var(--panel);
  stroke-width: 1;
}
.part.face {
  fill: color-mix(in srgb, var(--pick) 34%, transparent);
  stroke: none;
}
.marquee {
  fill: color-mix(in srgb, var(--pick) 12%, transparent);
  stroke: var(--pick);
  stroke-width: 1.4;
  stroke-dasharray: 6 4;
}
.marquee.inside {
  stroke-dasharray: none;
}
text {
  fill: var(--text);
  font: 11.5px var(--words, inherit);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 3px;
}
</style>
