<script setup lang="ts">
import type { ToolHandleMark } from '../../core';

defineProps<{ handles: ToolHandleMark[]; tool: string; aimed: string }>();

function path(h: ToolHandleMark) {
  const p: string[] = [];
  // The last point of a ring is that of its lozenge.
  const end = h.points.length - (h.sort === 'ring' ? 2 : 0);
  for (let i = 0; i < end; i += 2) p.push(`${h.points[i]} ${h.points[i + 1]}`);
  return `M${p.join('L')}${h.sort === 'plane' || h.sort === 'centre' ? 'Z' : ''}`;
}
</script>

<template>
  <g
    v-for="h in handles"
    :key="h.id"
    :class="[h.axis ?? 'own', h.sort, tool, { lit: h.lit || h.id === aimed }]"
    :data-handle="h.id"
    :data-lit="h.lit"
  >
    <path class="under" :d="path(h)" />
    <path class="line" :d="path(h)" />
    <path
      v-if="h.sort === 'arm' || h.sort === 'ring'"
      class="end"
      d="M0-8 7 0 0 8-7 0Z"
      :transform="`translate(${h.points.at(-2)} ${h.points.at(-1)})`"
    />
  </g>
</template>

<style scoped>
g {
  fill: none;
  stroke: currentColor;
  stroke-linejoin: round;
}
.own {
  color: var(--text);
}
.under {
  stroke: var(--panel);
  stroke-width: 5;
  opacity: 0.55;
}
.line {
  stroke-width: 2.2;
}
.ring .line {
  stroke-width: 1.6;
  stroke-dasharray: 9 5;
}
.lit .line {
  stroke-width: 3.4;
}
.end {
  fill: currentColor;
  stroke: var(--panel);
  stroke-width: 1;
}
.scale .end {
  fill: var(--panel);
  stroke: currentColor;
  stroke-width: 2.2;
}
.lit .end {
  fill: var(--text);
}
.plane .line,
.centre .line {
  fill: color-mix(in srgb, currentColor 42%, transparent);
  stroke-width: 1.4;
}
.plane.lit .line,
.centre.lit .line {
  fill: color-mix(in srgb, currentColor 85%, transparent);
}
.plane .under,
.centre .under {
  stroke-width: 3;
}
</style>
