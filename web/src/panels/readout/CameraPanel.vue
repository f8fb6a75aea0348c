<script setup lang="ts">
import { computed } from 'vue';
import type { CameraReading } from '../../core';
import { useRun } from '../../stage/run';
import { chosen } from '../common/pick';
import FieldRow from './FieldRow.vue';
import { rowsOf } from './rows';

const props = defineProps<{ camera: CameraReading }>();
const run = useRun();
const rows = computed(() => rowsOf(props.camera.fields));
const finals = computed(() => rowsOf(props.camera.picture.fields));
const choices = computed(() => [
  { words: 'Film back', key: 'filmBack', options: props.camera.backs },
  { words: 'Gate fit', key: 'gateFit', options: props.camera.fits },
]);
const KINDS = { perspective: 'Perspective', orthographic: 'Orthographic' };
</script>

<template>
  <section aria-label="Camera" data-camera-readout>
    <h2 class="part-title one" :title="camera.name">Camera · {{ camera.name }}</h2>
    <label class="choice">
      <span>Sees</span>
      <select
        :value="camera.kind"
        data-command="camera.set"
        @change="run('camera.set', { camera: camera.object, perspective: chosen($event) === 'perspective' })"
      >
        <option v-for="(label, id) in KINDS" :key="id" :value="id">{{ label }}</option>
      </select>
    </label>
    <template v-if="camera.kind === 'perspective'">
      <label v-for="c in choices" :key="c.key" class="choice">
        <span>{{ c.words }}</span>
        <select
          :value="c.options.find((o) => o.on)?.id"
          data-command="camera.set"
          :data-choice="c.key"
          @change="run('camera.set', { camera: camera.object, [c.key]: chosen($event) })"
        >
          <option v-for="o in c.options" :key="o.id" :value="o.id" :disabled="!o.id">{{ o.label }}</option>
        </select>
      </label>
    </template>
    <FieldRow v-for="row in rows" :key="row.label" v-bind="row" />
    <dl>
      <template v-for="row in camera.rows" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="numbers">{{ row.value }}</dd>
      </template>
    </dl>
  </section>
  <section aria-label="Final picture" data-final-picture>
    <h2 class="part-title">Final picture</h2>
    <label class="choice">
      <span>Of the scene</span>
      <select
        :value="camera.picture.sizes.find((o) => o.on)?.id"
        data-command="scene.picture"
        @change="run('scene.picture', { size: chosen($event) })"
      >
        <option v-for="o in camera.picture.sizes" :key="o.id" :value="o.id" :disabled="!o.id">{{ o.label }}</option>
      </select>
    </label>
    <FieldRow v-for="row in finals" :key="row.label" v-bind="row" />
  </section>
</template>

<style scoped>
section {
  margin-bottom: 14px;
}
h2 {
  margin: 0 0 7px;
}
.one {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
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
dl {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 3px 6px;
  margin: 6px 0 0;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
  font-size: 11.5px;
  line-height: 20px;
}
</style>
