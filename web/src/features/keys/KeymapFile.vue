<script setup lang="ts">
import { ref } from 'vue';
import { useCore, type ImportedKeymap } from '../../core';
import { readJson } from '../../shared/readJson';
import { saveJson } from '../../shared/saveAs';
import { say } from '../../words/say';

/** The keymap as a file, and files of others, of which what cannot be used is told before anything changes. */
const emit = defineEmits<{ changed: [] }>();
const core = useCore();
const input = ref<HTMLInputElement>();
const seen = ref<ImportedKeymap | null>(null);
const LARGEST = 1 << 20;
const TOLD = 6;

const save = () =>
  saveJson(core.stage.keymaps.current(), say('keymap-file.keymap-json', String(core.stage.keymaps.current().name)));
const wrong = (refused: string): ImportedKeymap => ({ name: '', refused, problems: [], changes: 0 });

async function read() {
  const file = input.value?.files?.[0];
  if (!file) return;
  seen.value = await look(file);
  if (input.value) input.value.value = '';
  if (!seen.value.refused && !seen.value.problems.length) use();
}

async function look(file: File): Promise<ImportedKeymap> {
  try {
    return core.stage.keymaps.bring(await readJson(file, LARGEST, say('keymap-file.a-keymap-file')));
  } catch (e) {
    return wrong((e as Error).message);
  }
}

function use() {
  core.stage.keymaps.useBrought();
  seen.value = null;
  emit('changed');
}
</script>

<template>
  <div class="file" data-keymap-file>
    <button class="plain" data-deed="save" @click="save">{{ say('keymap-file.save-as-a-file') }}</button>
    <button class="plain" data-deed="read" @click="input?.click()">{{ say('keymap-file.read-a-file') }}</button>
    <input ref="input" type="file" accept=".json,application/json" hidden @change="read" />
    <div v-if="seen" class="seen" role="alert">
      <p v-if="seen.refused">{{ say('keymap-file.nothing-was-changed', seen.refused) }}</p>
      <template v-else>
        <p>
          {{ say('keymap-file.of-cannot-be-used-can-nothing', seen.name, seen.problems.length, seen.changes) }}
        </p>
        <ul>
          <li v-for="p in seen.problems.slice(0, TOLD)" :key="p">{{ p }}</li>
          <li v-if="seen.problems.length > TOLD">{{ say('keymap-file.and-more', seen.problems.length - TOLD) }}</li>
        </ul>
        <el-button type="primary" data-take-rest @click="use">{{ say('keymap-file.take-the-rest') }}</el-button>
      </template>
      <el-button @click="seen = null">{{ say('keymap-file.leave-it') }}</el-button>
    </div>
  </div>
</template>

<style scoped>
.file {
  display: contents;
}
.seen {
  flex-basis: 100%;
  color: var(--caution);
}
.seen p,
ul {
  margin: 4px 0 8px;
}
</style>
