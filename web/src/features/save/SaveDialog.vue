<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, type ExportPreview, type ExportQuery } from '../../api/api';
import { fetchFile } from '../../api/http';
import { useCore, type Plain } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { saveAs } from '../../shared/saveAs';
import { counted, size, UNITS } from '../../shared/facts';
import RadioCards from '../../shared/fields/RadioCards.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** The scene with its changes, or what is selected, as a file; what a format cannot hold is said before. */
const props = defineProps<{ open: OpenScene; told?: Plain | undefined }>();
const core = useCore();
const shown = defineModel<boolean>({ required: true });
const FORMATS = [
  { id: 'glb', label: 'GLB', words: say('save-dialog.one-file-with-everything-gltf-holds') },
  { id: 'gltf', label: 'glTF', words: say('save-dialog.a-zip-the-document-its-data') },
  { id: 'obj', label: 'OBJ', words: say('save-dialog.surfaces-with-mtl-materials') },
  { id: 'stl', label: 'STL', words: say('save-dialog.bare-triangles-for-machines') },
  { id: 'ply', label: 'PLY', words: say('save-dialog.one-surface-with-colours-of-vertices') },
] as const;

const format = ref<(typeof FORMATS)[number]['id']>('glb');
const what = ref<'scene' | 'selection'>('scene');
const up = ref('Y');
const unit = ref('m');
const faces = ref<'triangles' | 'modelled'>('triangles');
const ids = ref<string[]>([]);
const preview = ref<ExportPreview | null>(null);
const wrong = ref('');
/** How much of the file has come, 0 to 1; less than 0 while nobody knows. */
const part = ref<number | null>(null);
let asked = 0;
let stop = new AbortController();

const gltf = computed(() => format.value === 'glb' || format.value === 'gltf');
const polygons = computed(() => format.value === 'obj' || format.value === 'ply');
const query = computed(() => {
  const q: ExportQuery = { format: format.value, what: what.value };
  if (what.value === 'selection') q.ids = ids.value;
  if (!gltf.value) Object.assign(q, { up: up.value.toLowerCase(), unit: unit.value });
  if (polygons.value) q.faces = faces.value;
  return q;
});

watch(shown, (on) => {
  if (!on) {
    stop.abort();
    return;
  }
  ids.value = core.stage.contents.selection();
  what.value = props.told?.what === 'selection' && ids.value.length ? 'selection' : 'scene';
  up.value = props.open.detail.value?.upAxis ?? 'Y';
  unit.value = props.open.detail.value?.unit ?? 'm';
  void look(true);
});
watch(query, () => shown.value && void look(false));

/** Asks what the file would be; what is not saved yet is saved first, since the server makes it. */
async function look(first: boolean) {
  const mine = ++asked;
  wrong.value = '';
  try {
    if (first) await saved();
    const p = await api.exportPreview(props.open.id, query.value);
    if (mine === asked) preview.value = p;
  } catch (e) {
    if (mine !== asked) return;
    preview.value = null;
    wrong.value = (e as Error).message;
  }
}

const saved = () => props.open.kept.edits.surely(say('save-dialog.the-changes-of-this-scene-are'));

async function save() {
  stop = new AbortController();
  part.value = -1;
  wrong.value = '';
  try {
    await saved();
    const { blob, name } = await fetchFile(
      api.exportAddress(props.open.id, query.value),
      (p) => (part.value = p),
      stop.signal,
    );
    saveAs(blob, name);
    shown.value = false;
  } catch (e) {
    if (!stop.signal.aborted) wrong.value = (e as Error).message;
  } finally {
    part.value = null;
  }
}
</script>

<template>
  <GuidedDialog v-model="shown" :title="say('save-dialog.save-as-a-file')" guide="save" width="640px" data-save>
    <div class="both">
      <RadioCards
        v-slot="{ choice, on }"
        v-model="format"
        class="formats"
        :label="say('save-dialog.format')"
        :choices="FORMATS"
        attribute="data-format"
      >
        <span class="card">
          <span class="lozenge" :class="{ on }" />
          <b>{{ choice.label }}</b>
          <span class="words">{{ choice.words }}</span>
        </span>
      </RadioCards>
      <div class="choices">
        <div class="ways" role="group" :aria-label="say('save-dialog.what-is-saved')">
          <button :aria-pressed="what === 'scene'" @click="what = 'scene'">{{ say('save-dialog.the-scene') }}</button>
          <button :aria-pressed="what === 'selection'" :disabled="!ids.length" @click="what = 'selection'">
            {{ ids.length ? say('save-dialog.what-is-selected', ids.length) : say('save-dialog.nothing-is-selected') }}
          </button>
        </div>
        <p v-if="gltf" class="quiet">{{ say('save-dialog.gltf-is-in-metres-with-y') }}</p>
        <template v-else>
          <label
            >{{ say('save-dialog.up') }}
            <select v-model="up" class="field">
              <option>Y</option>
              <option>Z</option>
            </select></label
          >
          <label>
            {{ say('save-dialog.unit') }}
            <select v-model="unit" class="field">
              <option v-for="[sign] in UNITS" :key="sign">{{ sign }}</option>
            </select>
          </label>
        </template>
        <div v-if="polygons" class="ways" role="group" :aria-label="say('save-dialog.faces')">
          <button :aria-pressed="faces === 'triangles'" @click="faces = 'triangles'">
            {{ say('save-dialog.triangles') }}
          </button>
          <button :aria-pressed="faces === 'modelled'" @click="faces = 'modelled'">
            {{ say('save-dialog.faces-as-modelled') }}
          </button>
        </div>
        <div class="preview" role="status" data-export-preview>
          <template v-if="preview">
            <p class="name">{{ preview.name }}</p>
            <p class="numbers">
              {{ preview.exact ? size(preview.bytes) : say('save-dialog.about', size(preview.bytes)) }} ·
              {{ counted(preview.triangles, 'triangle') }} ·
              {{ counted(preview.objects, 'object') }}
            </p>
            <ul v-if="preview.losses.length">
              <li v-for="l in preview.losses" :key="l">{{ l }}</li>
            </ul>
            <p v-else class="quiet">{{ say('save-dialog.the-format-holds-all-of-it') }}</p>
          </template>
        </div>
      </div>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <el-progress
      v-if="part !== null"
      :percentage="part < 0 ? 50 : Math.round(part * 100)"
      :indeterminate="part < 0"
      :duration="2"
      :show-text="part >= 0"
      :stroke-width="4"
      :aria-label="say('save-dialog.the-file-is-being-made')"
    />
    <template #footer>
      <el-button v-if="part !== null" @click="stop.abort()">{{ say('save-dialog.cancel') }}</el-button>
      <el-button v-else @click="shown = false">{{ say('save-dialog.close') }}</el-button>
      <el-button type="primary" :disabled="!preview || part !== null" data-save-file @click="save">
        {{ say('save-dialog.save') }}
      </el-button>
    </template>
  </GuidedDialog>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 250px 1fr;
  gap: 22px;
}
.formats {
  display: grid;
  align-content: start;
  gap: 2px;
}
.card {
  display: grid;
  grid-template-columns: 14px 1fr;
  gap: 0 10px;
  align-items: center;
  padding: 7px 10px;
}
.formats :deep(.el-radio.on) {
  background: color-mix(in srgb, var(--accent) 18%, var(--raised));
}
.words {
  grid-column: 2;
  color: var(--quiet);
  font-size: 12.5px;
}
.lozenge.on ~ .words {
  color: var(--text);
}
.choices {
  display: grid;
  align-content: start;
  justify-items: start;
  gap: 10px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.field {
  min-height: 28px;
  padding: 0 6px;
  font: inherit;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
}
.preview {
  border-top: 1px solid var(--line);
  padding-top: 10px;
  width: 100%;
  min-height: 140px;
}
.preview .numbers {
  font-size: 12.5px;
}
.name {
  font-weight: 700;
  overflow-wrap: anywhere;
}
.preview ul {
  margin: 8px 0 0;
  padding: 0 0 0 16px;
  color: var(--caution);
}
.quiet {
  color: var(--quiet);
}
.wrong {
  color: var(--error);
}
</style>
