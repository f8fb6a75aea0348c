<script setup lang="ts">
import { computed } from 'vue';
import { useStage } from '../../stores/stage';
import { useRun } from '../../stage/run';

const store = useStage();
const run = useRun();
const r = computed(() => store.readout);
const AXES = ['x', 'y', 'z'] as const;

function place(axis: string, value: number | undefined) {
  if (value !== undefined && Number.isFinite(value)) run('edit.place', { [axis]: value });
}
</script>

<template>
  <aside class="drawer" data-drawer="readout" aria-label="Readout">
    <h2>View · {{ r.title }}</h2>
    <dl>
      <template v-for="row in r.rows ?? []" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="numbers">{{ row.value }}</dd>
      </template>
      <dt>Grid</dt>
      <dd class="numbers">{{ r.grid }}</dd>
    </dl>
    <div class="pair">
      <button
        class="plain"
        data-command="trail.back"
        :disabled="!r.trail || r.trail.index === 0"
        @click="run('trail.back')"
      >
        ‹ Back
      </button>
      <span class="numbers count">{{ r.trail ? `${r.trail.index + 1} / ${r.trail.length}` : '' }}</span>
      <button
        class="plain"
        data-command="trail.forward"
        :disabled="!r.trail || r.trail.index + 1 >= r.trail.length"
        @click="run('trail.forward')"
      >
        Forward ›
      </button>
    </div>
    <h2>Turning about</h2>
    <p v-if="r.pivot" class="why" data-pivot-reason>{{ r.pivot.reason }}</p>
    <button v-if="r.pinned" class="plain wide" data-command="pivot.clear" @click="run('pivot.clear')">
      Unpin the pivot
    </button>
    <template v-if="r.selection">
      <h2>Selection</h2>
      <dl>
        <dt>Name</dt>
        <dd>{{ r.selection.name }}</dd>
        <dt>Size</dt>
        <dd class="numbers">{{ r.selection.size }}</dd>
        <dt>Triangles</dt>
        <dd class="numbers">{{ r.selection.triangles.toLocaleString('en-GB') }}</dd>
      </dl>
      <p class="quiet">Place of {{ r.selection.last }}, metres</p>
      <div v-for="(axis, i) in AXES" :key="axis" class="axis" :class="axis">
        <label :for="`place-${axis}`">{{ axis.toUpperCase() }}</label>
        <el-input-number
          :id="`place-${axis}`"
          :model-value="r.selection.place[i]"
          size="small"
          :precision="4"
          :step="0.1"
          :controls="false"
          @change="(v: number | undefined) => place(axis, v)"
        />
      </div>
      <div class="pair">
        <button
          class="plain"
          :data-command="r.tool ? 'tool.none' : 'tool.move'"
          :aria-pressed="!!r.tool"
          @click="run(r.tool ? 'tool.none' : 'tool.move')"
        >
          {{ r.tool ? 'Put move tool away' : 'Move tool' }}
        </button>
        <button class="plain" data-command="view.frame-selection" @click="run('view.frame-selection')">Frame</button>
      </div>
    </template>
  </aside>
</template>

<style scoped>
.drawer {
  overflow: auto;
  padding: 12px 14px;
  background: var(--panel);
}
h2 {
  font-size: 11.5px;
  letter-spacing: 0.09em;
  text-transform: uppercase;
  color: var(--quiet);
  margin: 0 0 7px;
}
dl {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 3px 8px;
  margin: 0 0 10px;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
  overflow-wrap: anywhere;
}
dd.numbers {
  font-size: 11.5px;
  line-height: 20px;
}
.pair {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin: 0 -8px 14px;
}
.count {
  color: var(--quiet);
  font-size: 11.5px;
}
.why {
  border-left: 2px solid var(--accent);
  padding: 2px 0 2px 10px;
  margin-bottom: 12px;
  overflow-wrap: anywhere;
}
.wide {
  margin: -6px 0 12px -8px;
  color: var(--accent);
}
.quiet {
  color: var(--quiet);
  margin-bottom: 4px;
}
.axis {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-bottom: 4px;
}
.axis label {
  font-weight: 700;
  width: 12px;
}
.axis :deep(.el-input-number) {
  flex: 1;
}
.axis :deep(input) {
  font-family: var(--numbers);
  text-align: left;
}
.x label {
  color: var(--x);
}
.y label {
  color: var(--y);
}
.z label {
  color: var(--z);
}
</style>
