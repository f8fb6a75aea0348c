<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ names: ViewportMarks['names'] }>();
</script>

<template>
  <div class="names" aria-hidden="true">
    <span
      v-for="n in names"
      :key="n.object"
      :class="{ picked: n.picked }"
      :style="{ transform: `translate(${n.x}px, ${n.y}px) translate(-50%, -50%)`, maxWidth: `${n.width}px` }"
      :data-name="n.object"
      >{{ n.text }}</span
    >
  </div>
</template>

<style scoped>
.names {
  position: absolute;
  inset: 0;
  overflow: hidden;
  pointer-events: none;
}
span {
  position: absolute;
  left: 0;
  top: 0;
  padding: 0 4px;
  font-size: 11.5px;
  line-height: 16px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  color: var(--text);
  background: color-mix(in srgb, var(--panel) 82%, transparent);
}
.picked {
  color: var(--pick);
}
</style>
