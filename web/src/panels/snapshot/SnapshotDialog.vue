<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Plain } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import { useStage } from '../../stores/stage';
import { saveAs } from '../common/saveAs';
import { LARGEST, shoot, type Wish } from './shots';
import GuidedDialog from '../common/GuidedDialog.vue';

const props = defineProps<{ open: OpenScene; told?: Plain | undefined }>();
const shown = defineModel<boolean>({ required: true });
const store = useStage();
const sort = ref<Wish['sort']>('view');
const width = ref(1920);
const height = ref(1080);
const overlays = ref(true);
const done = ref<number | null>(null);
const wrong = ref('');
const NAMES = { board: 'board', sheet: 'contact sheet', cameras: 'cameras' };
const SORTS: { id: Wish['sort']; label: string; words: string }[] = [
  { id: 'view', label: 'This viewport', words: 'All that the active viewport shows, in the shape you choose.' },
  { id: 'board', label: 'The board', words: 'The viewports as they are arranged.' },
  { id: 'sheet', label: 'Contact sheet', words: 'Every viewport with its direction, lens or scale, and display mode.' },
  {
    id: 'cameras',
    label: 'Cameras',
    words: 'Every camera of the scene with its name and lens, each in its own shape.',
  },
];
const sorts = computed(() => SORTS.filter((s) => s.id !== 'cameras' || store.objects.some((o) => o.kind === 'camera')));
const active = computed(() => store.views.find((v) => v.active));
const onScreen = computed(() => {
  const v = active.value;
  if (!v) return { width: 1280, height: 800 };
  if (sort.value === 'view') return { width: Math.round(v.rect.width), height: Math.round(v.rect.height) };
  const all = store.views.filter((each) => each.shown).map((each) => each.rect);
  return {
    width: Math.round(Math.max(...all.map((r) => r.x + r.width))),
    height: Math.round(Math.max(...all.map((r) => r.y + r.height))),
  };
});
const sizes = computed(() => [
  { label: 'As on screen', ...onScreen.value },
  { label: 'Twice that', width: onScreen.value.width * 2, height: onScreen.value.height * 2 },
  { label: '1920 × 1080', width: 1920, height: 1080 },
  { label: '3840 × 2160', width: 3840, height: 2160 },
]);

function size(s: { width: number; height: number }) {
  width.value = s.width;
  height.value = s.height;
}

async function take() {
  wrong.value = '';
  done.value = 0;
  const css = getComputedStyle(document.documentElement);
  const color = (name: string) => css.getPropertyValue(name).trim();
  try {
    const blob = await shoot(
      props.open,
      { sort: sort.value, width: width.value, height: height.value, overlays: overlays.value },
      { ground: color('--panel'), text: color('--text'), words: color('--words') },
      (part) => {
        const go = done.value !== null;
        if (go) done.value = part;
        return go;
      },
    );
    if (!blob) return;
    const name = props.open.detail.value?.name ?? 'Scene';
    const what = sort.value === 'view' ? active.value!.title : NAMES[sort.value];
    saveAs(blob, `${name} - ${what}.png`);
    shown.value = false;
  } catch {
    wrong.value = 'This machine has no room for a picture of that size. Choose a smaller one.';
  } finally {
    done.value = null;
    props.open.loop.redraw();
  }
}

watch([shown, sort], ([on], [was]) => {
  const wanted = props.told?.sort as Wish['sort'] | undefined;
  if (on && !was && sorts.value.some((s) => s.id === wanted)) sort.value = wanted!;
  if (on) size(onScreen.value);
  else done.value = null;
});
</script>

<template>
  <GuidedDialog v-model="shown" title="Snapshot" guide="snapshots" width="520px" top="12vh">
    <div class="form" data-snapshot>
      <div class="sorts" role="radiogroup" aria-label="What">
        <button
          v-for="s in sorts"
          :key="s.id"
          class="sort clipped"
          role="radio"
          :aria-checked="sort === s.id"
          :data-sort="s.id"
          @click="sort = s.id"
        >
          {{ s.label }}
        </button>
      </div>
      <p class="quiet">{{ SORTS.find((s) => s.id === sort)!.words }}</p>
      <div class="size">
        <el-input-number v-model="width" :min="16" :max="LARGEST" :controls="false" aria-label="Width, pixels" />
        <span>×</span>
        <el-input-number v-model="height" :min="16" :max="LARGEST" :controls="false" aria-label="Height, pixels" />
        <span class="quiet">pixels</span>
      </div>
      <div class="presets">
        <button v-for="s in sizes" :key="s.label" class="plain" @click="size(s)">{{ s.label }}</button>
      </div>
      <label v-if="sort !== 'cameras'" class="overlay">
        <el-switch v-model="overlays" aria-label="With overlays" />
        <span>With overlays <span class="quiet">grid, outline of the selection, captions</span></span>
      </label>
      <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
      <div class="end">
        <el-progress
          v-if="done !== null"
          class="bar"
          :percentage="Math.round(done * 100)"
          :stroke-width="4"
          :show-text="false"
          aria-label="Drawing"
        />
        <el-button v-if="done !== null" @click="done = null">Cancel</el-button>
        <el-button v-else type="primary" data-take @click="take">Save as a file</el-button>
      </div>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.sorts {
  display: flex;
  gap: 6px;
}
.sort {
  flex: 1;
  border: 0;
  padding: 9px 6px;
  background: var(--raised);
  color: var(--text);
  cursor: pointer;
}
.sort[aria-checked='true'] {
  background: var(--accent);
  color: var(--on-accent);
  font-weight: 700;
}
.quiet {
  color: var(--quiet);
  font-size: 13px;
}
.size {
  display: flex;
  gap: 10px;
  align-items: center;
}
.size .el-input-number {
  width: 110px;
}
.presets {
  display: flex;
  margin-left: -8px;
}
.overlay {
  display: flex;
  gap: 12px;
  align-items: center;
}
.bad {
  color: var(--caution);
}
.end {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: flex-end;
}
.bar {
  flex: 1;
}
</style>
