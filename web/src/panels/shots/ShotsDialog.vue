<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useCore, type ShotRow } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import { usePictures } from '../../stage/pictures';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';
import NameField from '../common/NameField.vue';
import { saveAs, saveJson } from '../common/saveAs';

/** All cameras of the scene: what they see, in pictures and numbers. Rows and pictures come one by one. */
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const core = useCore();
const store = useStage();
const run = useRun();
const pictures = usePictures();
const ids = ref<string[]>([]);
const rows = ref<Record<string, ShotRow>>({});
const drawn = ref<Record<string, string>>({});
const renaming = ref<string | null>(null);
const name = ref('');
const field = ref<InstanceType<typeof NameField>[]>();
const active = computed(() => store.views.find((v) => v.active));
const missing = computed(() => ids.value.filter((id) => !rows.value[id]).length);
const subject = computed(() => store.readout.selection?.name);

function look() {
  ids.value = core.show.shotIds();
  rows.value = {};
  drawn.value = {};
  fill(ids.value, 0);
}

/** A row a frame, so that the page never waits for a long list. */
function fill(of: string[], at: number) {
  if (!shown.value || ids.value !== of || at >= of.length) return;
  const id = of[at]!;
  const row = core.show.shot(id);
  if (row) rows.value = { ...rows.value, [id]: row };
  if (active.value) {
    pictures?.ofChoice(active.value.id, `camera:${id}`, (p) => (drawn.value = { ...drawn.value, [id]: p }));
  }
  requestAnimationFrame(() => fill(of, at + 1));
}

function go(id: string) {
  run('camera.look-through', { camera: id });
  shown.value = false;
}

async function rename(row: ShotRow) {
  name.value = row.name;
  renaming.value = row.id;
  await nextTick();
  field.value?.[0]?.select();
}

function renamed(id: string, keep: boolean) {
  if (renaming.value !== id) return;
  renaming.value = null;
  if (!keep || name.value === rows.value[id]?.name) return;
  run('object.rename', { objects: [id], name: name.value });
  const row = core.show.shot(id);
  if (row) rows.value = { ...rows.value, [id]: row };
}

const title = () => `${props.open.detail.value?.name ?? 'Scene'} - cameras`;
const csv = () => saveAs(new Blob([core.show.shotsCsv()], { type: 'text/csv' }), `${title()}.csv`);
const json = () => saveJson(core.show.cameras(), `${title()}.json`);

watch(shown, (on) => {
  if (on) look();
  else pictures?.forgetChoices();
});
</script>

<template>
  <el-dialog v-model="shown" title="Shot list" width="min(920px, 94vw)" top="8vh" append-to="#dialogs">
    <div data-shots>
      <p v-if="!ids.length" class="quiet">
        This scene has no cameras yet. <em>+ From view</em> in the Scene drawer makes one of what a viewport shows.
      </p>
      <div v-else class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">Picture</th>
              <th scope="col">Name</th>
              <th scope="col">Lens</th>
              <th scope="col">Film back</th>
              <th scope="col">{{ subject ? `Filled by ${subject}` : 'Filled by the selection' }}</th>
              <th scope="col">To look at</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="id in ids" :key="id" :data-shot="id">
              <td>
                <button class="picture" :aria-label="`Look through ${rows[id]?.name ?? id}`" @click="go(id)">
                  <img v-if="drawn[id]" :src="drawn[id]" alt="" />
                </button>
              </td>
              <template v-if="rows[id]">
                <td class="name">
                  <NameField
                    v-if="renaming === id"
                    ref="field"
                    v-model="name"
                    :most="200"
                    label="New name of the camera"
                    @done="renamed(id, true)"
                    @given="renamed(id, false)"
                  />
                  <template v-else>
                    <span>{{ rows[id]!.name }}</span>
                    <button class="plain" data-command="object.rename" @click="rename(rows[id]!)">Rename</button>
                  </template>
                </td>
                <td class="numbers">{{ rows[id]!.lens }}</td>
                <td>{{ rows[id]!.back }}</td>
                <td class="numbers">{{ rows[id]!.fill || '–' }}</td>
                <td>
                  <ul v-if="rows[id]!.warnings.length">
                    <li v-for="w in rows[id]!.warnings" :key="w">{{ w }}</li>
                  </ul>
                  <span v-else class="quiet">–</span>
                </td>
              </template>
              <td v-else colspan="5" class="quiet">…</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="ids.length" class="end">
        <span class="quiet" role="status">{{ missing ? `${missing} more to look at` : '' }}</span>
        <el-button data-csv @click="csv">Save as CSV</el-button>
        <el-button data-json @click="json">Save as JSON</el-button>
      </div>
    </div>
  </el-dialog>
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
td {
  border-top: 1px solid var(--line);
  padding: 6px 10px 6px 0;
  vertical-align: middle;
}
td.numbers {
  font-size: 12px;
  white-space: nowrap;
}
.picture {
  display: block;
  width: 108px;
  height: 72px;
  padding: 0;
  border: 0;
  background: var(--raised);
  cursor: pointer;
  clip-path: polygon(9px 0, 100% 0, 100% calc(100% - 9px), calc(100% - 9px) 100%, 0 100%, 0 9px);
}
.picture img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.picture:focus-visible {
  outline-offset: -3px;
}
.name span {
  overflow-wrap: anywhere;
}
.name .plain {
  color: var(--quiet);
  font-size: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  color: var(--caution);
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
