<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { fromDrop, fromInput, type Chosen } from '../../api/chosen';
import { say } from '../../words/say';

/** Brings files: chosen, as a folder, or dropped anywhere on the page. */
const emit = defineEmits<{ chosen: [files: Chosen[]]; wrong: [words: string] }>();
const input = ref<HTMLInputElement>();
const folder = ref<HTMLInputElement>();
/** Whether files are held over the page. */
const over = ref(false);
const ACCEPT = '.glb,.gltf,.bin,.obj,.mtl,.stl,.ply,.3mf,.zip,.png,.jpg,.jpeg,.webp';

function take(box: HTMLInputElement | undefined) {
  if (!box) return;
  emit('chosen', fromInput(box.files));
  // The same file can be chosen again after it was mended.
  box.value = '';
}

function isFiles(e: DragEvent): boolean {
  return e.dataTransfer?.types.includes('Files') ?? false;
}

function hold(e: DragEvent) {
  if (!isFiles(e)) return;
  e.preventDefault();
  over.value = true;
}

function leave(e: DragEvent) {
  if (!e.relatedTarget) over.value = false;
}

async function drop(e: DragEvent) {
  if (!isFiles(e)) return;
  e.preventDefault();
  over.value = false;
  try {
    emit('chosen', await fromDrop(e.dataTransfer));
  } catch {
    emit('wrong', say('choose-files.what-was-dropped-could-not-be'));
  }
}

useEventListener(window, ['dragenter', 'dragover'], hold);
useEventListener(window, 'dragleave', leave);
useEventListener(window, 'drop', drop);
</script>

<template>
  <div class="choose">
    <el-button type="primary" data-help="choose-files" @click="input?.click()">
      {{ say('choose-files.add-scenes') }}
    </el-button>
    <button class="plain" data-help="choose-folder" @click="folder?.click()">
      {{ say('choose-files.add-a-folder') }}
    </button>
    <input
      ref="input"
      type="file"
      multiple
      class="hidden-words"
      tabindex="-1"
      :aria-label="say('choose-files.scene-files')"
      :accept="ACCEPT"
      @change="take(input)"
    />
    <input
      ref="folder"
      type="file"
      webkitdirectory
      class="hidden-words"
      tabindex="-1"
      :aria-label="say('choose-files.folder-of-a-scene')"
      @change="take(folder)"
    />
    <div v-if="over" class="over" role="status">
      <p>{{ say('choose-files.drop-to-add') }}</p>
    </div>
  </div>
</template>

<style scoped>
.choose {
  display: flex;
  align-items: center;
  gap: 4px;
}
.over {
  position: fixed;
  inset: 52px 12px 12px;
  z-index: 20;
  display: grid;
  place-items: center;
  font-size: 22px;
  font-weight: 700;
  pointer-events: none;
  border: 2px solid var(--accent);
  background: color-mix(in srgb, var(--accent) 20%, color-mix(in srgb, var(--panel) 88%, transparent));
}
</style>
