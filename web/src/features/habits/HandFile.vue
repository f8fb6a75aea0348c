<script setup lang="ts">
import { ref } from 'vue';
import { useCore, type Plain } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { readJson } from '../../shared/readJson';
import { saveJson } from '../../shared/saveAs';
import { say } from '../../words/say';

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
    read = await readJson(file, LARGEST, say('hand-file.a-file-of-keymaps-habits-and'));
  } catch (e) {
    return say('hand-file.nothing-was-changed', (e as Error).message);
  }
  const left = core.settings.useFile(read);
  props.open.keepKeymap();
  props.open.keepHabits();
  return left ?? say('hand-file.its-keymap-and-habits-are-in');
}
</script>

<template>
  <button
    class="plain"
    data-hand-file="save"
    @click="saveJson(core.settings.file(), say('hand-file.keymaps-and-habits-json'))"
  >
    {{ say('hand-file.save-keymaps-habits-and-looks') }}
  </button>
  <button class="plain" data-hand-file="read" @click="input?.click()">{{ say('hand-file.read-a-file') }}</button>
  <input ref="input" type="file" accept=".json,application/json" hidden @change="read" />
  <span v-if="told" class="quiet" role="status" data-hand-told>{{ told }}</span>
</template>
