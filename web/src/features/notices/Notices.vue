<script setup lang="ts">
import type { Notice } from '../../core';
import { useStage } from '../../stage/open/store';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';

defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();

function follow(n: Notice & { key: number }) {
  run(n.command!, n.args, n.view ?? null);
  store.dismiss(n.key);
}
</script>

<template>
  <div class="notices" role="status" aria-live="polite">
    <div v-for="n in store.notices" :key="n.key" class="notice clipped" data-notice>
      <span class="lozenge on" />
      <span>{{ n.text }}</span>
      <button v-if="n.command" class="plain" :data-command="n.command" @click="follow(n)">
        {{ n.label }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.notices {
  display: grid;
  gap: 6px;
  justify-items: center;
  pointer-events: none;
}
.notice {
  background: var(--raised);
  padding: 8px 18px 8px 16px;
  display: flex;
  gap: 11px;
  align-items: center;
}
.notice button {
  pointer-events: auto;
  color: var(--accent);
  white-space: nowrap;
}
</style>
