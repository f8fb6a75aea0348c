<script setup lang="ts">
import type { FoundCommand } from '../../core';

defineProps<{ found: FoundCommand; on: boolean }>();
</script>

<template>
  <li role="option" :aria-selected="on" :data-found="found.command">
    <span class="words">{{ found.words }}</span>
    <span class="on">{{ found.on }}</span>
    <span class="group">{{ found.group }}</span>
    <kbd v-if="found.trigger">{{ found.trigger }}</kbd>
    <span v-else />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px 104px 190px;
  gap: 12px;
  align-items: center;
  min-height: 30px;
  padding: 2px 10px;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--raised);
  box-shadow: inset 3px 0 var(--accent);
}
.words {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.on,
.group {
  color: var(--quiet);
  font-size: 12px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: 150px;
}
kbd {
  justify-self: end;
  white-space: nowrap;
}
</style>
