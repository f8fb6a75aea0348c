<script setup lang="ts">
import { computed, ref, shallowReactive, watch } from 'vue';
import { useCore, type Plain, type ShotRow } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { usePictures } from '../../stage/open/pictures';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { saveAs, saveJson } from '../../shared/saveAs';
import ShotLine from './ShotLine.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** All cameras of the scene: what they see, in pictures and numbers. Rows and pictures come one by one. */
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
/** As long as rows are found out at a time, milliseconds: the page never waits for a long list. */
const A_TIME = 6;
const core = useCore();
const store = useStage();
const run = useRun();
const pictures = usePictures();
const ids = ref<string[]>([]);
const missing = ref(0);
const rows = shallowReactive<Record<string, ShotRow>>({});
const drawn = shallowReactive<Record<string, string>>({});
const active = computed(() => store.views.find((v) => v.active));
const subject = computed(() => store.readout.selection?.name);

function look() {
  for (const known of [rows, drawn]) for (const id of Object.keys(known)) delete known[id];
  ids.value = core.stage.shotList.ids();
  missing.value = ids.value.length;
  fill(ids.value, 0);
}

function fill(of: string[], from: number) {
  if (!shown.value || ids.value !== of) return;
  const until = performance.now() + A_TIME;
  let at = from;
  while (at < of.length && performance.now() < until) take(of[at++]!);
  missing.value = of.length - at;
  if (at < of.length) requestAnimationFrame(() => fill(of, at));
}

function take(id: string, picture = true) {
  const row = core.stage.shotList.row(id);
  if (row) rows[id] = row;
  if (picture && active.value) pictures?.ofChoice(active.value.id, `camera:${id}`, (p) => (drawn[id] = p));
}

/** Changes the scene, and shows what came of it. */
function change(command: string, args: Plain) {
  run(command, args);
  const before = ids.value;
  ids.value = core.stage.shotList.ids();
  missing.value = 0;
  for (const id of ids.value) if (rows[id] || !before.includes(id)) take(id, !before.includes(id));
}

function sheet() {
  shown.value = false;
  run('app.snapshot', { sort: 'cameras' });
}

function go(id: string) {
  run('camera.look-through', { camera: id });
  shown.value = false;
}

const title = () => say('shots-dialog.cameras', props.open.detail.value?.name ?? say('shots-dialog.scene'));
const csv = () => saveAs(new Blob([core.stage.shotList.csv()], { type: 'text/csv' }), `${title()}.csv`);
const json = () => saveJson(core.stage.contents.cameras(), `${title()}.json`);

watch(shown, (on) => {
  if (on) look();
  else pictures?.forgetChoices();
});
</script>

<template>
  <GuidedDialog v-model="shown" :title="say('shots-dialog.shot-list')" guide="shots" width="920px" top="8vh">
    <div data-shots>
      <p v-if="!ids.length" class="quiet">
        {{ say('shots-dialog.this-scene-has-no-cameras-yet') }} <em>{{ say('shots-dialog.from-view') }}</em>
        {{ say('shots-dialog.in-the-scene-drawer-makes-one') }}
      </p>
      <div v-else class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ say('shots-dialog.picture') }}</th>
              <th scope="col">{{ say('shots-dialog.name') }}</th>
              <th scope="col">{{ say('shots-dialog.lens') }}</th>
              <th scope="col">{{ say('shots-dialog.film-back') }}</th>
              <th scope="col">
                {{ subject ? say('shots-dialog.filled-by', subject) : say('shots-dialog.filled-by-the-selection') }}
              </th>
              <th scope="col">{{ say('shots-dialog.to-look-at') }}</th>
              <th scope="col">{{ say('shots-dialog.order') }}</th>
            </tr>
          </thead>
          <tbody>
            <ShotLine
              v-for="(id, k) in ids"
              :id="id"
              :key="id"
              :first="k === 0"
              :last="k === ids.length - 1"
              :rows="rows"
              :pictures="drawn"
              @go="go(id)"
              @changed="take(id, false)"
              @change="change"
            />
          </tbody>
        </table>
      </div>
      <div v-if="ids.length" class="end">
        <span class="quiet" role="status">{{ missing ? say('shots-dialog.more-to-look-at', missing) : '' }}</span>
        <el-button data-command="app.snapshot" @click="sheet">{{ say('shots-dialog.contact-sheet') }}</el-button>
        <el-button data-csv @click="csv">{{ say('shots-dialog.save-as-csv') }}</el-button>
        <el-button data-json @click="json">{{ say('shots-dialog.save-as-json') }}</el-button>
      </div>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.scroll {
  max-height: 62vh;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  position: sticky;
  top: 0;
  background: var(--panel);
  color: var(--quiet);
  font-weight: 400;
  text-align: left;
  padding: 4px 10px 6px 0;
}
.end {
  display: flex;
  justify-content: flex-end;
  align-items: center;
  gap: 10px;
  margin-top: 14px;
}
.end .quiet {
  flex: 1;
}
</style>
