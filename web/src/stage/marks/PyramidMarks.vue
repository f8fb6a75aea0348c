<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ marks: ViewportMarks }>();

/** Lines by the two ends of each. */
function path(ends: number[]) {
  let d = '';
  for (let i = 0; i < ends.length; i += 4) d += `M${ends[i]} ${ends[i + 1]}L${ends[i + 2]} ${ends[i + 3]}`;
  return d;
}
</script>

<template>
  <g v-for="p in marks.pyramids" :key="p.object" :class="{ driven: p.driven }" :data-pyramid="p.object">
    <path v-for="s in p.strokes" :key="s.what" :class="s.what" :d="path(s.segments)" />
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke: var(--pick);
  stroke-width: 1.2;
}
.driven path {
  stroke: var(--caution);
}
.focus {
  stroke-width: 1.8;
}
.sight {
  stroke-dasharray: 2 5;
}
.sharp {
  stroke-dasharray: 6 4;
  opacity: 0.8;
}
.clip {
  opacity: 0.5;
}
</style>
