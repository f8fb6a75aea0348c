<script setup lang="ts">
import { ref } from 'vue';
import { api } from '../../api/api';
import { Failure } from '../../api/http';
import './account.css';
import { say } from '../../words/say';
import { counted } from '../../shared/facts';

/** Everything of the account as one file, and such a file back. */
const file = ref<HTMLInputElement>();
const settings = ref(false);
const part = ref<number | null>(null);
const came = ref('');
const notes = ref<string[]>([]);
const wrong = ref('');
let stop = () => undefined as void;

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
    came.value = say('all-data.and-of-settings-came-back', counted(r.scenes, 'scene'), counted(r.settings, 'settings'));
    notes.value = r.notes;
  } catch (e) {
    const lost = e instanceof Failure && (e.status === 0 || e.status === 409);
    wrong.value = lost ? say('all-data.it-ended-before-all-was-there') : (e as Error).message;
  } finally {
    part.value = null;
    file.value!.value = '';
  }
}
</script>

<template>
  <section class="part wide clipped" data-all-data>
    <h2>{{ say('all-data.all-your-data') }}</h2>
    <p class="quiet">
      {{ say('all-data.one-file-with-all-scenes-their') }}
    </p>
    <p class="row">
      <a class="el-button" :href="api.dataAddress()" download data-help="save-all" data-save-all>{{
        say('all-data.save-everything')
      }}</a>
      <button class="plain" :disabled="part !== null" data-help="bring-all" @click="file?.click()">
        {{ say('all-data.bring-a-file-back') }}
      </button>
      <input
        ref="file"
        type="file"
        accept=".zip,application/zip"
        hidden
        :aria-label="say('all-data.file-with-all-data')"
        @change="bring"
      />
      <label><input v-model="settings" type="checkbox" /> {{ say('all-data.also-put-its-settings-in-the') }}</label>
    </p>
    <p v-if="part !== null" role="status" class="row">
      <el-progress
        :percentage="Math.round(part * 100)"
        :stroke-width="4"
        :show-text="false"
        :aria-label="say('all-data.sending')"
      />
      {{ part < 1 ? say('all-data.sending') : say('all-data.unpacking') }}
      <button class="plain" @click="stop()">{{ say('all-data.stop') }}</button>
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
