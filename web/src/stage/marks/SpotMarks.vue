<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ marks: ViewportMarks }>();
</script>

<template>
  <svg
    v-if="marks.refused"
    class="spot refused"
    viewBox="-16 -16 32 32"
    :style="{ left: `${marks.refused.x}px`, top: `${marks.refused.y}px` }"
    data-refused
    aria-hidden="true"
  >
    <path d="M0-15 13 0 0 15-13 0Z" />
    <path d="M-7 0H7" />
  </svg>
  <svg
    v-if="marks.pivot"
    class="spot"
    viewBox="-16 -16 32 32"
    :style="{ left: `${marks.pivot.x}px`, top: `${marks.pivot.y}px` }"
    data-pivot
    aria-hidden="true"
  >
    <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--panel)" stroke-width="4" opacity=".6" />
    <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--accent)" stroke-width="1.6" />
    <circle r="2.4" fill="var(--accent)" />
  </svg>
</template>

<style scoped>
.spot {
  will-change: transform;
  position: absolute;
  width: 32px;
  height: 32px;
  margin: -16px 0 0 -16px;
}
.refused path {
  fill: none;
  stroke: var(--caution);
  stroke-width: 2.5;
}
</style>
