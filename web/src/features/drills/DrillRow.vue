<script setup lang="ts">
import RunsPlot from './RunsPlot.vue';
import type { Task } from './drilling';
import { seconds } from './seconds';
import { say } from '../../words/say';

/** A drill in the list, with what was done in it. */
defineProps<{ task: Task; name: string; number?: number; picture?: string; off?: boolean }>();
const emit = defineEmits<{ start: [] }>();
</script>

<template>
  <li :data-drill="task.id">
    <span v-if="number" class="number numbers">{{ number }}</span>
    <img v-if="picture" :src="picture" alt="" width="66" height="44" />
    <div class="what">
      <h3>{{ name }}</h3>
      <slot />
    </div>
    <RunsPlot v-if="task.runs.length > 1" :times="task.runs.map((r) => r.seconds)" />
    <span class="best numbers">{{ task.best ? seconds(task.best.seconds) : '' }}</span>
    <el-button
      size="small"
      :disabled="off"
      :aria-label="say('drill-row.start', name)"
      data-help="start-drill"
      @click="emit('start')"
    >
      {{ say('drill-row.start-2') }}
    </el-button>
    <slot name="more" />
  </li>
</template>

<style scoped>
li {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.number {
  width: 18px;
  text-align: right;
  color: var(--accent);
}
img {
  object-fit: cover;
}
.what {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
h3 {
  margin: 0;
  font-size: 14px;
}
.what :deep(p) {
  margin: 2px 0 0;
  color: var(--quiet);
}
.best {
  min-width: 56px;
  text-align: right;
}
</style>
