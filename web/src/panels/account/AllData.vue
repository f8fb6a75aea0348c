<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../../api/api';
import { Failure } from '../../api/http';
import './account.css';

/** Everything of the account as one file, and such a file back. */
const file = ref<HTMLInputElement>();
const settings = ref(false);
const part = ref<number | null>(null);
const came = ref('');
const notes = ref<string[]>([]);
const wrong = ref('');
let stop = () => undefined as void;

const counted = (n: number, one: string, many: string) => (n === 1 ? `One ${one}` : `${n} ${many}`);

async function bring() {
  const chosen = file.value?.files?.[0];
  if (!chosen) return;
  [came.value, wrong.value, notes.value, part.value] = ['', '', [], 0];
  try {
    const r = await api.bringData(
      chosen,
      settings.value,
      (p) => (part.value = p),
      (s) => (stop = s),
    );
    came.value = `${counted(r.scenes, 'scene', 'scenes')} and ${counted(r.settings, 'set', 'sets')} of settings came back.`;
    notes.value = r.notes;
  } catch (e) {
    const lost = e instanceof Failure && (e.status === 0 || e.status === 409);
    wrong.value = lost
      ? 'It ended before all was there. What came until then is on the page of scenes.'
      : (e as Error).message;
  } finally {
    part.value = null;
    file.value!.value = '';
  }
}
</script>

<template>
  <section class="part wide clipped" data-all-data>
    <h2>All your data</h2>
    <p class="quiet">
      One file with all scenes, their changes, views, Pins, pictures, versions and drills, and with boards, habits and
      keymaps. Earlier files of scenes and runs of drills are not in it. Brought back, here or in another account, its
      scenes come beside those that are there.
    </p>
    <p class="row">
      <a class="el-button" :href="api.dataAddress()" download data-help="save-all" data-save-all>Save everything</a>
      <button class="plain" :disabled="part !== null" data-help="bring-all" @click="file?.click()">
        Bring a file back
      </button>
      <input
        ref="file"
        type="file"
        accept=".zip,application/zip"
        hidden
        aria-label="File with all data"
        @change="bring"
      />
      <label><input v-model="settings" type="checkbox" /> also put its settings in the place of mine</label>
    </p>
    <p v-if="part !== null" role="status" class="row">
      <el-progress :percentage="Math.round(part * 100)" :stroke-width="4" :show-text="false" aria-label="Sending" />
      {{ part < 1 ? 'Sending' : 'Unpacking' }}
      <button class="plain" @click="stop()">Stop</button>
    </p>
    <p v-if="came" role="status" data-came-back>{{ came }}</p>
    <ul v-if="notes.length">
      <li v-for="n in notes" :key="n">{{ n }}</li>
    </ul>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </section>
</template>

<style scoped>
p {
  max-width: 78ch;
  margin-bottom: 10px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}
.row .el-progress {
  width: 180px;
}
.wrong {
  color: var(--error);
}
a.el-button {
  text-decoration: none;
}
</style>
