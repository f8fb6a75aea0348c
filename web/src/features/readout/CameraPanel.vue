<script setup lang="ts">
import { computed } from 'vue';
import type { CameraReading } from '../../core';
import { useRun } from '../../stage/open/run';
import ChoiceRow from './ChoiceRow.vue';
import FieldRow from './FieldRow.vue';
import { rowsOf } from './rows';
import { say } from '../../words/say';

const props = defineProps<{ camera: CameraReading }>();
const run = useRun();
const rows = computed(() => rowsOf(props.camera.fields));
const finals = computed(() => rowsOf(props.camera.picture.fields));
const choices = computed(() => [
  { words: say('camera-panel.film-back'), key: 'filmBack', options: props.camera.backs },
  { words: say('camera-panel.gate-fit'), key: 'gateFit', options: props.camera.fits },
]);
const KINDS = [
  { id: 'perspective', label: say('camera-panel.perspective') },
  { id: 'orthographic', label: say('camera-panel.orthographic') },
];
</script>

<template>
  <section :aria-label="say('camera-panel.camera')" data-camera-readout>
    <h2 class="part-title one" :title="camera.name">{{ say('camera-panel.camera-2', camera.name) }}</h2>
    <ChoiceRow
      :label="say('camera-panel.sees')"
      :options="KINDS"
      :value="camera.kind"
      command="camera.set"
      @choose="(kind) => run('camera.set', { camera: camera.object, perspective: kind === 'perspective' })"
    />
    <template v-if="camera.kind === 'perspective'">
      <ChoiceRow
        v-for="c in choices"
        :key="c.key"
        :label="c.words"
        :options="c.options"
        :value="c.options.find((o) => o.on)?.id"
        command="camera.set"
        :choice="c.key"
        @choose="(id) => run('camera.set', { camera: camera.object, [c.key]: id })"
      />
    </template>
    <FieldRow v-for="row in rows" :key="row.label" v-bind="row" />
    <dl>
      <template v-for="row in camera.rows" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="numbers">{{ row.value }}</dd>
      </template>
    </dl>
  </section>
  <section :aria-label="say('camera-panel.final-picture')" data-final-picture>
    <h2 class="part-title">{{ say('camera-panel.final-picture') }}</h2>
    <ChoiceRow
      :label="say('camera-panel.of-the-scene')"
      :options="camera.picture.sizes"
      :value="camera.picture.sizes.find((o) => o.on)?.id"
      command="scene.picture"
      @choose="(size) => run('scene.picture', { size })"
    />
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
