<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useCore } from '../../core';
import type { KeyBinding } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import RebindPanel from './RebindPanel.vue';

const core = useCore();
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const version = ref(0);
const search = ref('');
const changing = ref<KeyBinding | null>(null);
const page = computed(() => {
  void version.value;
  void props.open.keymapVersion.value;
  return shown.value ? core.keys.keysPage() : null;
});
const groups = computed(() => {
  const wanted = search.value.trim().toLowerCase();
  const out = new Map<string, KeyBinding[]>();
  for (const b of page.value?.bindings ?? []) {
    if (wanted && !`${b.words} ${b.trigger ?? ''} ${b.group}`.toLowerCase().includes(wanted)) continue;
    out.set(b.group, [...(out.get(b.group) ?? []), b]);
  }
  return [...out];
});

function changed() {
  version.value++;
  props.open.keepKeymap();
}

function act(what: () => void) {
  what();
  changed();
}

watch(shown, (on) => {
  if (!on) changing.value = null;
});
</script>

<template>
  <el-dialog
    v-model="shown"
    title="Keys"
    width="min(860px, 94vw)"
    top="4vh"
    append-to="#dialogs"
    :close-on-press-escape="!changing"
  >
    <RebindPanel v-if="changing" :binding="changing" @done="((changing = null), changed())" @cancel="changing = null" />
    <template v-else-if="page">
      <div class="head">
        <el-input v-model="search" placeholder="Search by words or trigger" aria-label="Search keys" clearable />
        <el-select
          :model-value="page.preset"
          aria-label="Preset"
          class="preset"
          @change="(p: string) => act(() => core.keys.usePreset(p))"
        >
          <el-option v-for="p in page.presets" :key="p.id" :value="p.id" :label="p.label" />
        </el-select>
        <el-button :disabled="!page.canUndo" @click="act(() => core.keys.undoKeymap())">Undo change</el-button>
        <el-button :disabled="!page.changed" @click="act(() => core.keys.resetBinding(''))">Reset all</el-button>
      </div>
      <p class="name">
        {{ page.name }}<template v-if="page.changed"> · {{ page.changed }} changed</template>
      </p>
      <p v-if="page.missing.length" class="missing" role="alert">No trigger reaches: {{ page.missing.join(', ') }}.</p>
      <div class="list" tabindex="0" role="region" aria-label="All keys">
        <div class="columns">
          <p v-if="groups.length === 0" class="name">Nothing is called that.</p>
          <section v-for="[group, bindings] in groups" :key="group">
            <h3 class="heading">{{ group }}</h3>
            <div v-for="b in bindings" :key="b.id" class="row" :data-binding="b.id">
              <span
                >{{ b.words }} <span v-if="b.special" class="where">{{ b.where }}</span></span
              >
              <button
                class="trigger"
                :class="{ changed: b.changed }"
                :title="`Change: ${b.words}`"
                @click="changing = b"
              >
                <kbd>{{ b.trigger ?? 'none' }}</kbd>
              </button>
              <button
                v-if="b.changed"
                class="plain"
                :aria-label="`Reset ${b.words}`"
                @click="act(() => core.keys.resetBinding(b.id))"
              >
                reset
              </button>
              <span v-else />
            </div>
          </section>
        </div>
      </div>
    </template>
  </el-dialog>
</template>

<style scoped>
.head {
  display: flex;
  gap: 8px;
}
.preset {
  width: 190px;
  flex: none;
}
.name {
  color: var(--quiet);
  margin: 10px 0;
}
.missing {
  color: var(--caution);
}
.list {
  height: calc(100vh - 290px);
  min-height: 200px;
  overflow: hidden auto;
}
/* The columns grow downwards; with a height of their own they would grow aside, out of sight. */
.columns {
  columns: 2;
  column-gap: 34px;
}
section {
  margin-bottom: 16px;
}
.heading {
  break-after: avoid;
}
.row {
  display: grid;
  grid-template-columns: 1fr auto 44px;
  gap: 8px;
  align-items: center;
  min-height: 25px;
  line-height: 1.25;
  break-inside: avoid;
}
.where {
  color: var(--quiet);
  font-size: 11.5px;
}
.trigger {
  background: none;
  border: 0;
  padding: 3px;
  cursor: pointer;
}
.trigger:hover kbd {
  border-color: var(--accent);
}
.trigger.changed kbd {
  border-color: var(--accent);
  color: var(--accent);
}
@media (max-width: 760px) {
  .columns {
    columns: 1;
  }
}
</style>
