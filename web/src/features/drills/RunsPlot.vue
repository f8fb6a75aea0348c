<script setup lang="ts">
import { computed } from 'vue';
import { seconds } from './seconds';
import { say } from '../../words/say';

/** How long each run took, one after the other, with the quickest marked. */
const props = defineProps<{ times: number[] }>();
const WIDTH = 120;
const HEIGHT = 34;
const EDGE = 4;
const points = computed(() => {
  const most = Math.max(...props.times);
  const step = props.times.length > 1 ? (WIDTH - 2 * EDGE) / (props.times.length - 1) : 0;
  return props.times.map((t, i) => ({ x: EDGE + i * step, y: HEIGHT - EDGE - (t / most) * (HEIGHT - 2 * EDGE) }));
});
const best = computed(() => props.times.indexOf(Math.min(...props.times)));
const words = computed(() => say('runs-plot.runs-the-quickest', props.times.length, seconds(props.times[best.value]!)));
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" :width="WIDTH" :height="HEIGHT" role="img" :aria-label="words">
    <polyline :points="points.map((p) => `${p.x},${p.y}`).join(' ')" />
    <path v-if="points[best]" :d="`M${points[best]!.x} ${points[best]!.y - 4}l4 4-4 4-4-4Z`" />
  </svg>
</template>

<style scoped>
polyline {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.4;
}
path {
  fill: var(--accent);
}
</style>
