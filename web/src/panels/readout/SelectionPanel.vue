<script setup lang="ts">
import type { Selected } from '../../core';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';
import ChoiceRow from './ChoiceRow.vue';
import FieldRow from './FieldRow.vue';

defineProps<{ selected: Selected }>();
const run = useRun();
const store = useStage();
const TYPED = [
  { label: 'by as much', to: 'relative' },
  { label: 'the same', to: 'same' },
];
const PIVOTS = [
  { label: 'Middle', to: 'centre' },
  { label: 'Bottom', to: 'bottom' },
  { label: 'World origin', to: 'origin' },
  { label: 'Pinned point', to: 'pinned' },
];
</script>

<template>
  <section aria-label="Selection" data-selected>
    <h2 class="one" :title="selected.name">{{ selected.name }}</h2>
    <template v-if="selected.name !== selected.last">
      <p class="quiet one" :title="selected.last">Numbers of {{ selected.last }}</p>
      <div class="choice" role="radiogroup" aria-label="What typed numbers do to all that is selected" data-typed>
        <span class="quiet">All</span>
        <button
          v-for="t in TYPED"
          :key="t.to"
          class="plain"
          role="radio"
          data-command="tool.typed"
          :data-to="t.to"
          :aria-checked="store.readout.tool?.typed === t.to"
          @click="run('tool.typed', { to: t.to })"
        >
          {{ t.label }}
        </button>
      </div>
    </template>
    <p v-if="selected.locked" class="quiet">Locked: clicks pass over it</p>
    <FieldRow label="Place" :fields="selected.places" />
    <FieldRow label="Turn" :fields="selected.turns" />
    <FieldRow label="Scale" :fields="selected.scales" />
    <FieldRow v-for="f in selected.shape ?? []" :key="f.key" :label="f.label" :fields="[f]" />
    <dl>
      <dt>Size</dt>
      <dd class="numbers">{{ selected.size }}</dd>
      <dt>Triangles</dt>
      <dd class="numbers">{{ selected.triangles.toLocaleString('en-GB') }}</dd>
      <template v-if="selected.lines">
        <dt>Lines</dt>
        <dd class="numbers">{{ selected.lines.toLocaleString('en-GB') }}</dd>
      </template>
      <template v-if="selected.points">
        <dt>Points</dt>
        <dd class="numbers">{{ selected.points.toLocaleString('en-GB') }}</dd>
      </template>
      <template v-if="selected.parts">
        <dt>Parts</dt>
        <dd>{{ selected.parts }}</dd>
      </template>
    </dl>
    <ChoiceRow
      v-if="selected.kind === 'mesh' || selected.kind === 'group'"
      label="Drawn"
      :options="selected.ways"
      :value="selected.ways.find((w) => w.on)?.id"
      command="object.draw-as"
      @choose="(way) => run('object.draw-as', { way })"
    />
    <div class="buttons">
      <button class="plain" data-command="view.frame-selection" @click="run('view.frame-selection')">Frame</button>
      <button class="plain" data-command="view.aim" @click="run('view.aim')">Aim</button>
      <button class="plain" data-command="object.hide" @click="run('object.hide')">Hide</button>
      <button class="plain" data-command="object.isolate" @click="run('object.isolate')">Isolate</button>
      <button class="plain" data-command="object.duplicate" @click="run('object.duplicate')">Duplicate</button>
      <button class="plain" data-command="object.group" @click="run('object.group')">Group</button>
      <button v-if="selected.group" class="plain" data-command="object.ungroup" @click="run('object.ungroup')">
        Ungroup
      </button>
      <button class="plain" data-command="object.delete" @click="run('object.delete')">Delete</button>
    </div>
    <FieldRow label="Pivot" :fields="selected.pivot" />
    <p class="quiet">Pivot point to</p>
    <div class="buttons">
      <button
        v-for="p in PIVOTS"
        :key="p.to"
        class="plain"
        data-command="object.pivot"
        :data-to="p.to"
        @click="run('object.pivot', { to: p.to })"
      >
        {{ p.label }}
      </button>
    </div>
  </section>
</template>

<style scoped>
h2 {
  font-size: 13px;
  color: var(--pick);
  margin: 0 0 5px;
}
.one {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.choice {
  display: flex;
  align-items: baseline;
  margin: 0 0 4px;
}
.choice [aria-checked='true'] {
  color: var(--accent);
}
.choice [aria-checked='true']::before {
  content: '';
  display: inline-block;
  width: 6px;
  height: 6px;
  margin: 0 6px 1px 0;
  background: var(--accent);
  transform: rotate(45deg);
}
.quiet {
  color: var(--quiet);
  margin: 0 0 3px;
}
dl {
  display: grid;
  grid-template-columns: 68px 1fr;
  gap: 3px 0;
  margin: 5px 0 8px;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
  font-size: 11.5px;
  overflow-wrap: anywhere;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0 2px;
  margin: 0 -8px 8px;
}
</style>
