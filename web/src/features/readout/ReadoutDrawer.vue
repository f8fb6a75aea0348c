<script setup lang="ts">
import { computed } from 'vue';
import { useStage } from '../../stage/open/store';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import CameraPanel from './CameraPanel.vue';
import FieldRow from './FieldRow.vue';
import LadderPanel from './LadderPanel.vue';
import PicturePanel from './PicturePanel.vue';
import SelectionPanel from './SelectionPanel.vue';
import ToolPanel from './ToolPanel.vue';
import { rowsOf } from './rows';
import { say } from '../../words/say';

defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();
const r = computed(() => store.readout);
const rows = computed(() => rowsOf(r.value.fields ?? []));
</script>

<template>
  <aside class="drawer" data-drawer="readout" data-about="readout" :aria-label="say('readout-drawer.readout')">
    <h2 v-if="r.title" class="part-title">{{ say('readout-drawer.view', r.title) }}</h2>
    <FieldRow v-for="row in rows" :key="row.label" v-bind="row" />
    <dl>
      <template v-for="row in r.rows ?? []" :key="row.label">
        <dt>{{ row.label }}</dt>
        <dd class="numbers">{{ row.value }}</dd>
      </template>
    </dl>
    <div class="pair">
      <button
        class="plain"
        data-command="trail.back"
        :disabled="!r.trail || r.trail.index === 0"
        @click="run('trail.back')"
      >
        {{ say('readout-drawer.back') }}
      </button>
      <span class="numbers count">{{ r.trail ? `${r.trail.index + 1} / ${r.trail.length}` : '' }}</span>
      <button
        class="plain"
        data-command="trail.forward"
        :disabled="!r.trail || r.trail.index + 1 >= r.trail.length"
        @click="run('trail.forward')"
      >
        {{ say('readout-drawer.forward') }}
      </button>
    </div>
    <PicturePanel v-if="r.picture" :picture="r.picture" />
    <CameraPanel v-if="r.camera" :camera="r.camera" />
    <LadderPanel />
    <ToolPanel />
    <SelectionPanel v-if="r.selection" :selected="r.selection" />
  </aside>
</template>

<style scoped>
.drawer {
  overflow: auto;
  padding: 12px 14px;
  background: var(--panel);
}
h2 {
  margin: 0 0 7px;
}
dl {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 3px 6px;
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
</style>
