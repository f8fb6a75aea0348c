<script setup lang="ts">
import { ref } from 'vue';
import { useCore, type BroughtKeys } from '../../core';
import { readJson } from '../common/readJson';
import { saveJson } from '../common/saveAs';

/** The keymap as a file, and files of others, of which what cannot be used is told before anything changes. */
const emit = defineEmits<{ changed: [] }>();
const core = useCore();
const input = ref<HTMLInputElement>();
const seen = ref<BroughtKeys | null>(null);
const LARGEST = 1 << 20;
const TOLD = 6;

const save = () => saveJson(core.keys.keymap(), `${String(core.keys.keymap().name)} - keymap.json`);
const wrong = (refused: string): BroughtKeys => ({ name: '', refused, problems: [], changes: 0 });

async function read() {
  const file = input.value?.files?.[0];
  if (!file) return;
  seen.value = await look(file);
  if (input.value) input.value.value = '';
  if (!seen.value.refused && !seen.value.problems.length) use();
}

async function look(file: File): Promise<BroughtKeys> {
  try {
    return core.keys.bringKeymap(await readJson(file, LARGEST, 'A keymap file'));
  } catch (e) {
    return wrong((e as Error).message);
  }
}

function use() {
  core.keys.useBrought();
  seen.value = null;
  emit('changed');
}
</script>

<template>
  <div class="file" data-keymap-file>
    <button class="plain" data-deed="save" @click="save">Save as a file</button>
    <button class="plain" data-deed="read" @click="input?.click()">Read a file</button>
    <input ref="input" type="file" accept=".json,application/json" hidden @change="read" />
    <div v-if="seen" class="seen" role="alert">
      <p v-if="seen.refused">{{ seen.refused }}. Nothing was changed.</p>
      <template v-else>
        <p>
          Of {{ seen.name }} {{ seen.problems.length }} cannot be used, {{ seen.changes }} can. Nothing is changed yet.
        </p>
        <ul>
          <li v-for="p in seen.problems.slice(0, TOLD)" :key="p">{{ p }}</li>
          <li v-if="seen.problems.length > TOLD">and {{ seen.problems.length - TOLD }} more</li>
        </ul>
        <el-button type="primary" data-take-rest @click="use">Take the rest</el-button>
      </template>
      <el-button @click="seen = null">Leave it</el-button>
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
