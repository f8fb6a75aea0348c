<script setup lang="ts">
import type { FoundCommand } from '../../core';

defineProps<{ found: FoundCommand; on: boolean }>();
</script>

<template>
  <li role="option" :aria-selected="on" :data-found="found.command">
    <span>{{ found.words }}</span>
    <span class="on">{{ found.on }}</span>
    <span class="group">{{ found.group }}</span>
    <kbd v-if="found.trigger">{{ found.trigger }}</kbd>
    <span v-else />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 130px 146px 210px;
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
.on,
.group {
  color: var(--quiet);
  font-size: 12px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
/* A trigger of many words takes more lines rather than lie over its neighbour. */
kbd {
  justify-self: end;
  text-align: right;
  white-space: normal;
}
/* With little room: what it is about beside its words, its trigger below. */
@media (max-width: 719px) {
  li {
    grid-template-columns: minmax(0, 1fr) minmax(0, auto);
    gap: 2px 12px;
  }
  .on {
    justify-self: end;
  }
}
</style>
