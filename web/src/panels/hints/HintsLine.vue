<script setup lang="ts">
import type { OpenScene } from '../../stage/openScene';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';

defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();
</script>

<template>
  <footer class="hints" data-hints>
    <div class="list">
      <span v-for="h in store.hints" :key="h.trigger + h.words" class="hint"
        ><kbd>{{ h.trigger }}</kbd
        ><span class="what">{{ h.words }}</span
        ><span v-if="h.does" class="does">{{ h.does }}</span></span
      >
    </div>
    <button class="plain all" data-command="app.trail" title="Show or hide the views before" @click="run('app.trail')">
      Trail
    </button>
    <button class="plain all" data-command="app.keys" @click="run('app.keys')">All keys</button>
  </footer>
</template>

<style scoped>
.hints {
  display: flex;
  align-items: center;
  height: 32px;
  padding: 0 6px 0 14px;
  border-top: 1px solid var(--line);
  background: var(--panel);
  color: var(--quiet);
  font-size: 12.5px;
}
.list {
  flex: 1;
  height: 32px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
  overflow: hidden;
}
.hint {
  display: flex;
  align-items: center;
  gap: 7px;
  height: 32px;
  white-space: nowrap;
}
.what {
  color: var(--text);
}
.does::before {
  content: '·';
  margin: 0 6px 0 -1px;
}
.all {
  color: var(--text);
  white-space: nowrap;
}
</style>
