<script setup lang="ts">
import type { SelectionReading } from '../../core';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import ChoiceRow from './ChoiceRow.vue';
import FieldRow from './FieldRow.vue';
import { whole } from '../../words/numbers';
import { say } from '../../words/say';

defineProps<{ selected: SelectionReading }>();
const run = useRun();
const store = useStage();
const TYPED = [
  { label: say('selection-panel.by-as-much'), to: 'relative' },
  { label: say('selection-panel.the-same'), to: 'same' },
];
const PIVOTS = [
  { label: say('selection-panel.middle'), to: 'centre' },
  { label: say('selection-panel.bottom'), to: 'bottom' },
  { label: say('selection-panel.world-origin'), to: 'origin' },
  { label: say('selection-panel.pinned-point'), to: 'pinned' },
];
</script>

<template>
  <section :aria-label="say('selection-panel.selection')" data-selected>
    <h2 class="one" :title="selected.name">{{ selected.name }}</h2>
    <template v-if="selected.name !== selected.last">
      <p class="quiet one" :title="selected.last">{{ say('selection-panel.numbers-of', selected.last) }}</p>
      <div
        class="choice"
        role="radiogroup"
        :aria-label="say('selection-panel.what-typed-numbers-do-to-all')"
        data-typed
      >
        <span class="quiet">{{ say('selection-panel.all') }}</span>
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
    <p v-if="selected.locked" class="quiet">{{ say('selection-panel.locked-clicks-pass-over-it') }}</p>
    <FieldRow :label="say('selection-panel.place')" :fields="selected.places" />
    <FieldRow :label="say('selection-panel.turn')" :fields="selected.turns" />
    <FieldRow :label="say('selection-panel.scale')" :fields="selected.scales" />
    <FieldRow v-for="f in selected.shape ?? []" :key="f.key" :label="f.label" :fields="[f]" />
    <dl>
      <dt>{{ say('selection-panel.size') }}</dt>
      <dd class="numbers">{{ selected.size }}</dd>
      <dt>{{ say('selection-panel.triangles') }}</dt>
      <dd class="numbers">{{ whole(selected.triangles) }}</dd>
      <template v-if="selected.lines">
        <dt>{{ say('selection-panel.lines') }}</dt>
        <dd class="numbers">{{ whole(selected.lines) }}</dd>
      </template>
      <template v-if="selected.points">
        <dt>{{ say('selection-panel.points') }}</dt>
        <dd class="numbers">{{ whole(selected.points) }}</dd>
      </template>
      <template v-if="selected.parts">
        <dt>{{ say('selection-panel.parts') }}</dt>
        <dd>{{ selected.parts }}</dd>
      </template>
    </dl>
    <ChoiceRow
      v-if="selected.kind === 'mesh' || selected.kind === 'group'"
      :label="say('selection-panel.drawn')"
      :options="selected.ways"
      :value="selected.ways.find((w) => w.on)?.id"
      command="object.draw-as"
      @choose="(way) => run('object.draw-as', { way })"
    />
    <div class="buttons">
      <button class="plain" data-command="view.frame-selection" @click="run('view.frame-selection')">
        {{ say('selection-panel.frame') }}
      </button>
      <button class="plain" data-command="view.aim" @click="run('view.aim')">{{ say('selection-panel.aim') }}</button>
      <button class="plain" data-command="object.hide" @click="run('object.hide')">
        {{ say('selection-panel.hide') }}
      </button>
      <button class="plain" data-command="object.isolate" @click="run('object.isolate')">
        {{ say('selection-panel.isolate') }}
      </button>
      <button class="plain" data-command="object.duplicate" @click="run('object.duplicate')">
        {{ say('selection-panel.duplicate') }}
      </button>
      <button class="plain" data-command="object.group" @click="run('object.group')">
        {{ say('selection-panel.group') }}
      </button>
      <button v-if="selected.group" class="plain" data-command="object.ungroup" @click="run('object.ungroup')">
        {{ say('selection-panel.ungroup') }}
      </button>
      <button class="plain" data-command="object.delete" @click="run('object.delete')">
        {{ say('selection-panel.delete') }}
      </button>
    </div>
    <FieldRow :label="say('selection-panel.pivot')" :fields="selected.pivot" />
    <p class="quiet">{{ say('selection-panel.pivot-point-to') }}</p>
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
