<script setup lang="ts">
import { computed } from 'vue';
import type { PictureReading } from '../../core';
import { useRun } from '../../stage/open/run';
import ChoiceRow from './ChoiceRow.vue';
import FieldRow from './FieldRow.vue';
import { rowsOf } from './rows';
import { say } from '../../words/say';

const props = defineProps<{ picture: PictureReading }>();
const run = useRun();
const rows = computed(() => rowsOf(props.picture.fields));
const LIES = [
  { id: 'behind', label: say('picture-panel.behind-the-scene') },
  { id: 'front', label: say('picture-panel.before-the-scene') },
];
const MARKS = [
  { what: 'x', label: say('picture-panel.x-line') },
  { what: 'y', label: say('picture-panel.y-line') },
  { what: 'z', label: say('picture-panel.z-line') },
  { what: 'point', label: say('picture-panel.point') },
  { what: 'span', label: say('picture-panel.distance') },
];
</script>

<template>
  <section :aria-label="say('picture-panel.picture')" data-picture-readout>
    <h2 class="part-title one" :title="picture.name">{{ say('picture-panel.picture-2', picture.name) }}</h2>
    <ChoiceRow
      :label="say('picture-panel.seen')"
      :options="picture.seen"
      :value="picture.seen.find((o) => o.on)?.id"
      command="picture.set"
      choice="seen"
      @choose="(seen) => run('picture.set', { seen })"
    />
    <ChoiceRow
      :label="say('picture-panel.lies')"
      :options="LIES"
      :value="picture.front ? 'front' : 'behind'"
      command="picture.set"
      choice="front"
      @choose="(where) => run('picture.set', { front: where === 'front' })"
    />
    <FieldRow v-for="row in rows" :key="row.label" v-bind="row" />
    <dl>
      <template v-for="row in picture.facts" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="numbers">{{ row.value }}</dd>
      </template>
    </dl>
    <button class="plain" data-command="picture.fit" @click="run('picture.fit')">
      {{ say('picture-panel.fit-into-its-view') }}
    </button>
  </section>
  <section :aria-label="say('picture-panel.match')" data-match>
    <h2 class="part-title">{{ say('picture-panel.match') }}</h2>
    <p class="quiet">
      {{ say('picture-panel.mark-lines-along-the-scenes-axes') }}
    </p>
    <div class="add">
      <button
        v-for="m in MARKS"
        :key="m.what"
        class="plain"
        data-command="picture.mark"
        :data-what="m.what"
        @click="run('picture.mark', { what: m.what })"
      >
        + {{ m.label }}
      </button>
    </div>
    <p v-if="picture.marks.length && !picture.open" class="caution">
      {{ say('picture-panel.no-viewport-shows-this-picture-look') }}
    </p>
    <ul>
      <li v-for="m in picture.marks" :key="m.id" :data-marked="m.id">
        <div class="line">
          <span class="label">{{ m.label }}</span>
          <span class="numbers quiet">{{ m.error ?? '' }}</span>
          <button
            v-if="m.sort === 'line'"
            class="plain"
            data-command="picture.turn"
            :aria-label="say('picture-panel.turn-round', m.label)"
            :title="say('picture-panel.turn-round-2')"
            @click="run('picture.turn', { mark: m.id })"
          >
            <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-5-3H5L2-6M5 3H-5L-2 6" /></svg>
          </button>
          <button
            v-if="m.sort === 'point'"
            class="plain"
            data-command="picture.point"
            :title="say('picture-panel.it-lies-at-the-pinned-pivot')"
            @click="run('picture.point', { of: m.id, to: 'pivot' })"
          >
            {{ say('picture-panel.at-pivot') }}
          </button>
          <button
            class="plain"
            data-command="picture.unmark"
            :aria-label="say('picture-panel.take-off', m.label)"
            :title="say('picture-panel.take-off-2')"
            @click="run('picture.unmark', { mark: m.id })"
          >
            <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-4-4 4 4M4-4-4 4" /></svg>
          </button>
        </div>
        <FieldRow v-if="m.fields.length" :label="''" :fields="m.fields" />
      </li>
    </ul>
    <p :class="{ quiet: picture.found }" role="status">{{ picture.match }}</p>
    <button class="plain go" data-command="camera.match" :disabled="!picture.found" @click="run('camera.match')">
      {{ say('picture-panel.make-its-camera') }}
    </button>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 14px;
}
h2 {
  margin: 0 0 7px;
}
p {
  margin: 0 0 6px;
  overflow-wrap: anywhere;
}
.one {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
dt {
  color: var(--quiet);
}
dl {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 3px 6px;
  margin: 6px 0;
}
dd {
  margin: 0;
  font-size: 11.5px;
  line-height: 20px;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
  margin: 0 -6px 6px;
}
.add .plain {
  min-height: 24px;
  padding: 2px 6px;
}
ul {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
}
.line {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 26px;
}
.label {
  flex: 1;
}
.line .plain {
  min-width: 24px;
  min-height: 24px;
  padding: 2px 4px;
}
.line svg {
  display: block;
  width: 14px;
  height: 14px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
}
.caution {
  color: var(--caution);
}
.go {
  border: 1px solid var(--line);
  padding: 4px 10px;
}
</style>
