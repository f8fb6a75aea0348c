<script setup lang="ts">
import type { DropdownInstance } from 'element-plus';
import { computed, ref } from 'vue';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

const store = useStage();
const run = useRun();
const menu = ref<DropdownInstance>();
/** Newest first; what is undone stands above the present. */
const steps = computed(() => store.history.edits.map((name, i) => ({ name, to: i + 1 })).reverse());

function choose(to: number) {
  if (to < 0) run('app.versions');
  else run('edit.go', { to });
}
defineExpose({ open: () => menu.value?.handleOpen() });
</script>

<template>
  <el-dropdown ref="menu" trigger="click" popper-class="plate-menu history" max-height="70vh" @command="choose">
    <button class="plain caret" :aria-label="say('history-menu.history')" data-help="history" data-history>
      <svg viewBox="-6 -6 12 12" width="11" height="11" aria-hidden="true"><path d="M-5-2 0 3 5-2" /></svg>
    </button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item :command="-1" data-command="app.versions">
          {{ say('history-menu.versions') }}
        </el-dropdown-item>
        <el-dropdown-item
          v-for="(s, i) in steps"
          :key="s.to"
          :command="s.to"
          :divided="i === 0"
          data-command="edit.go"
          :data-step="s.to"
        >
          <span class="lozenge" :class="{ on: s.to === store.history.done }" />
          <span :class="{ undone: s.to > store.history.done }">{{ s.name }}</span>
        </el-dropdown-item>
        <el-dropdown-item :command="0" data-command="edit.go" data-step="0" :divided="!steps.length">
          <span class="lozenge" :class="{ on: store.history.done === 0 }" />
          {{
            say(
              'history-menu.as-it-was',
              steps.length >= 500 ? say('history-menu.500-steps-ago') : say('history-menu.at-first'),
            )
          }}
        </el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
.caret {
  padding: 4px 5px;
}
.caret svg {
  display: block;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
}
.lozenge {
  margin-right: 10px;
}
.undone {
  color: var(--quiet);
  text-decoration: line-through;
}
</style>
