<script setup lang="ts">
import type { RulerMark } from '../../core';

defineProps<{ rulers: RulerMark[] }>();

/** Across an end, some pixels long. */
function end({ x1, y1, x2, y2 }: RulerMark, second: boolean) {
  const l = Math.hypot(x2 - x1, y2 - y1) || 1;
  const [nx, ny] = [((y1 - y2) / l) * 5, ((x2 - x1) / l) * 5];
  const [x, y] = second ? [x2, y2] : [x1, y1];
  return `M${x - nx} ${y - ny}L${x + nx} ${y + ny}`;
}
</script>

<template>
  <g>
    <g v-for="r in rulers" :key="r.id" :class="{ begun: r.begun }" :data-ruler="r.id">
      <path class="under" :d="`M${r.x1} ${r.y1}L${r.x2} ${r.y2}`" />
      <path class="line" :d="`M${r.x1} ${r.y1}L${r.x2} ${r.y2}${end(r, false)}${end(r, true)}`" />
      <text v-if="r.words" :x="(r.x1 + r.x2) / 2 + 8" :y="(r.y1 + r.y2) / 2 - 6">{{ r.words }}</text>
    </g>
  </g>
</template>

<style scoped>
.under {
  stroke: var(--panel);
  stroke-width: 4;
  opacity: 0.6;
}
.line {
  fill: none;
  stroke: var(--caution);
  stroke-width: 1.6;
}
.begun .line {
  stroke-dasharray: 5 4;
}
text {
  fill: var(--text);
  font: 12px var(--numbers);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 3px;
}
</style>
