<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Plain } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { useStage } from '../../stage/open/store';
import { saveAs } from '../../shared/saveAs';
import { LARGEST, shoot, type Wish } from './shots';
import RadioCards from '../../shared/fields/RadioCards.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

const props = defineProps<{ open: OpenScene; told?: Plain | undefined }>();
const shown = defineModel<boolean>({ required: true });
const store = useStage();
const sort = ref<Wish['sort']>('view');
const width = ref(1920);
const height = ref(1080);
const overlays = ref(true);
const done = ref<number | null>(null);
const wrong = ref('');
const NAMES = {
  board: say('snapshot-dialog.board'),
  sheet: say('snapshot-dialog.contact-sheet'),
  cameras: say('snapshot-dialog.cameras-2'),
};
const SORTS: { id: Wish['sort']; label: string; words: string }[] = [
  {
    id: 'view',
    label: say('snapshot-dialog.this-viewport'),
    words: say('snapshot-dialog.all-that-the-active-viewport-shows'),
  },
  {
    id: 'board',
    label: say('snapshot-dialog.the-board'),
    words: say('snapshot-dialog.the-viewports-as-they-are-arranged'),
  },
  {
    id: 'sheet',
    label: say('snapshot-dialog.contact-sheet-2'),
    words: say('snapshot-dialog.every-viewport-with-its-direction-lens'),
  },
  {
    id: 'cameras',
    label: say('snapshot-dialog.cameras'),
    words: say('snapshot-dialog.every-camera-of-the-scene-with'),
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
  { label: say('snapshot-dialog.as-on-screen'), ...onScreen.value },
  { label: say('snapshot-dialog.twice-that'), width: onScreen.value.width * 2, height: onScreen.value.height * 2 },
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
    const name = props.open.detail.value?.name ?? say('snapshot-dialog.scene');
    const what = sort.value === 'view' ? active.value!.title : NAMES[sort.value];
    saveAs(blob, `${name} - ${what}.png`);
    shown.value = false;
  } catch {
    wrong.value = say('snapshot-dialog.this-machine-has-no-room-for');
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
  <GuidedDialog v-model="shown" :title="say('snapshot-dialog.snapshot')" guide="snapshots" width="520px" top="12vh">
    <div class="form" data-snapshot>
      <RadioCards
        v-slot="{ choice }"
        v-model="sort"
        class="sorts"
        :label="say('snapshot-dialog.what')"
        :choices="sorts"
        attribute="data-sort"
      >
        <span class="sort clipped">{{ choice.label }}</span>
      </RadioCards>
      <p class="quiet">{{ SORTS.find((s) => s.id === sort)!.words }}</p>
      <div class="size">
        <el-input-number
          v-model="width"
          :min="16"
          :max="LARGEST"
          :controls="false"
          :aria-label="say('snapshot-dialog.width-pixels')"
        />
        <span>×</span>
        <el-input-number
          v-model="height"
          :min="16"
          :max="LARGEST"
          :controls="false"
          :aria-label="say('snapshot-dialog.height-pixels')"
        />
        <span class="quiet">{{ say('snapshot-dialog.pixels') }}</span>
      </div>
      <div class="presets">
        <button v-for="s in sizes" :key="s.label" class="plain" @click="size(s)">{{ s.label }}</button>
      </div>
      <label v-if="sort !== 'cameras'" class="overlay">
        <el-switch v-model="overlays" :aria-label="say('snapshot-dialog.with-overlays')" />
        <span
          >{{ say('snapshot-dialog.with-overlays') }}
          <span class="quiet">{{ say('snapshot-dialog.grid-outline-of-the-selection-captions') }}</span></span
        >
      </label>
      <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
      <div class="end">
        <el-progress
          v-if="done !== null"
          class="bar"
          :percentage="Math.round(done * 100)"
          :stroke-width="4"
          :show-text="false"
          :aria-label="say('snapshot-dialog.drawing')"
        />
        <el-button v-if="done !== null" @click="done = null">{{ say('snapshot-dialog.cancel') }}</el-button>
        <el-button v-else type="primary" data-take @click="take">{{ say('snapshot-dialog.save-as-a-file') }}</el-button>
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
  flex-wrap: nowrap;
  gap: 6px;
}
.sorts :deep(.el-radio) {
  flex: 1;
}
.sort {
  display: block;
  padding: 9px 6px;
  text-align: center;
  background: var(--raised);
}
.sorts :deep(.el-radio.on) .sort {
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
