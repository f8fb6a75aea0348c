<script setup lang="ts">
import type { BoardPart } from '../../core';

/** A small picture of how viewports share the stage. */
defineProps<{ part: BoardPart; nested?: boolean }>();
</script>

<template>
  <span
    :class="[part.view ? 'cell' : part.row ? 'row' : 'column', { whole: !nested }]"
    :aria-hidden="nested ? undefined : true"
  >
    <PartsIcon
      v-for="(p, i) in part.row ?? part.column ?? []"
      :key="i"
      nested
      :part="p"
      :style="{ flexGrow: part.shares?.[i] ?? 1 }"
    />
  </span>
</template>

<style scoped>
.whole {
  width: 26px;
  height: 18px;
  flex: none;
}
.row,
.column {
  display: flex;
  gap: 2px;
}
.column {
  flex-direction: column;
}
span {
  flex-basis: 0;
  min-width: 0;
  min-height: 0;
}
.cell {
  background: currentColor;
}
@media (forced-colors: active) {
  .cell {
    forced-color-adjust: none;
    background: ButtonText;
  }
}
.cell.whole {
  display: inline-block;
}
</style>
