<script setup lang="ts">
import { computed } from 'vue';
import { useRun } from '../../stage/run';
import { chosen } from '../common/pick';
import { useStage } from '../../stores/stage';

const store = useStage();
const run = useRun();
const tool = computed(() => store.readout.tool);
const TOOLS = [
  { id: 'move', label: 'Move', sign: 'M0-7V7M-7 0H7M-2-5 0-7 2-5M-2 5 0 7 2 5M-5-2-7 0-5 2M5-2 7 0 5 2' },
  { id: 'rotate', label: 'Rotate', sign: 'M5.5-3A6 6 0 1 0 6 2M5.8-6.5V-2.6H2' },
  { id: 'scale', label: 'Scale', sign: 'M-6 6V0H0V6ZM0-6H6V0M6-6-1 1' },
];
const CHOICES = [
  { id: 'axes', words: 'Axes', of: { world: 'World', parent: 'Parent', local: 'Local', view: 'View' } },
  { id: 'about', words: 'About', of: { common: 'Middle', each: 'Each one’s own', last: 'The last one’s' } },
  { id: 'snap', words: 'Snap to', of: { grid: 'Grid, angle', vertex: 'Vertex' } },
] as const;
const SORTS = { object: 'Objects', vertex: 'Vertices', edge: 'Edges', face: 'Faces' };
</script>

<template>
  <section v-if="tool" data-tools aria-label="Tools">
    <div class="tools">
      <button
        v-for="t in TOOLS"
        :key="t.id"
        class="tool"
        :class="{ on: tool.tool === t.id }"
        :data-command="tool.tool === t.id ? 'tool.none' : `tool.${t.id}`"
        :aria-pressed="tool.tool === t.id"
        :title="tool.tool === t.id ? `Put the ${t.id} tool away` : `${t.label} tool`"
        @click="run(tool.tool === t.id ? 'tool.none' : `tool.${t.id}`)"
      >
        <svg viewBox="-9 -9 18 18" width="17" height="17" aria-hidden="true"><path :d="t.sign" /></svg>
        {{ t.label }}
      </button>
    </div>
    <template v-if="tool.tool">
      <label v-for="c in CHOICES" :key="c.id" class="choice">
        <span>{{ c.words }}</span>
        <select
          :value="tool[c.id]"
          :data-command="`tool.${c.id}`"
          @change="run(`tool.${c.id}`, { to: chosen($event) })"
        >
          <option v-for="(label, id) in c.of" :key="id" :value="id">{{ label }}</option>
        </select>
      </label>
    </template>
    <label class="choice">
      <span>Click takes</span>
      <select
        :value="store.readout.components"
        data-command="select.components"
        @change="run('select.components', { to: chosen($event) })"
      >
        <option v-for="(label, id) in SORTS" :key="id" :value="id">{{ label }}</option>
      </select>
    </label>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 12px;
}
.tools {
  display: flex;
  gap: 4px;
  margin-bottom: 6px;
}
.tool {
  flex: 1;
  display: grid;
  justify-items: center;
  gap: 1px;
  border: 0;
  padding: 5px 0 4px;
  background: var(--raised);
  color: var(--text);
  font-size: 11.5px;
  cursor: pointer;
  clip-path: polygon(7px 0, 100% 0, 100% calc(100% - 7px), calc(100% - 7px) 100%, 0 100%, 0 7px);
}
.tool path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
}
.tool.on {
  background: var(--accent);
  color: var(--on-accent, var(--panel));
}
.choice {
  display: grid;
  grid-template-columns: 76px 1fr;
  align-items: center;
  margin-bottom: 3px;
}
.choice span {
  color: var(--quiet);
}
select {
  min-width: 0;
  background: var(--panel);
  color: var(--text);
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 2px 0;
  font: inherit;
}
</style>
