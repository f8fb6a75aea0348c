<script setup lang="ts">
import { ref } from 'vue';
import { useCore, type Plain } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import { readJson } from '../common/readJson';
import { saveJson } from '../common/saveAs';

/** Keymaps, habits and looks in one file, to take to another machine. */
const props = defineProps<{ open: OpenScene }>();
const core = useCore();
const input = ref<HTMLInputElement>();
const told = ref('');
const LARGEST = 4 << 20;

async function read() {
  const file = input.value?.files?.[0];
  if (!file) return;
  told.value = await use(file);
  if (input.value) input.value.value = '';
}

async function use(file: File): Promise<string> {
  let read: Plain;
  try {
    read = await readJson(file, LARGEST, 'A file of keymaps, habits and looks');
  } catch (e) {
    return `${(e as Error).message}. Nothing was changed.`;
  }
  const left = core.keys.useHandFile(read);
  props.open.keepKeymap();
  props.open.keepHabits();
  return left ?? 'Its keymap and habits are in use, and its looks are beside yours.';
}
</script>

<template>
  <button class="plain" data-hand-file="save" @click="saveJson(core.keys.handFile(), 'Keymaps and habits.json')">
    Save keymaps, habits and looks
  </button>
  <button class="plain" data-hand-file="read" @click="input?.click()">Read a file</button>
  <input ref="input" type="file" accept=".json,application/json" hidden @change="read" />
  <span v-if="told" class="quiet" role="status" data-hand-told>{{ told }}</span>
</template>
