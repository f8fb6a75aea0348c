<script setup lang="ts">
import type { Marks } from '../core';

defineProps<{ marks: Marks }>();
</script>

<template>
  <!-- Each a small layer of its own: together they would be one as large as the picture, put over it at every frame. -->
  <svg
    v-for="i in marks.icons"
    :key="i.object"
    class="icon"
    :class="{ selected: i.selected, locked: i.locked, driven: i.driven }"
    viewBox="-13 -13 26 26"
    :style="{ transform: `translate(${i.x - 13}px, ${i.y - 13}px)` }"
    :data-icon="i.object"
    aria-hidden="true"
  >
    <path class="plate" d="M0-11 11 0 0 11-11 0Z" />
    <path v-if="i.kind === 'camera'" class="sign" d="M-5-3H2V3H-5ZM2-1 5-3V3L2 1" />
    <path v-else class="sign" d="M0-3 3 0 0 3-3 0ZM0-7V-5M0 5V7M-7 0H-5M5 0H7" />
  </svg>
</template>

<style scoped>
.icon {
  position: absolute;
  left: 0;
  top: 0;
  width: 26px;
  height: 26px;
  will-change: transform;
}
.plate {
  fill: color-mix(in srgb, var(--panel) 78%, transparent);
  stroke: var(--quiet);
  stroke-width: 1.2;
}
.sign {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.3;
  stroke-linejoin: round;
}
.selected .plate {
  stroke: var(--pick);
  stroke-width: 2.4;
}
.driven .plate {
  fill: var(--caution);
}
.driven .sign {
  stroke: var(--on-caution);
}
.locked {
  opacity: 0.55;
}
</style>
