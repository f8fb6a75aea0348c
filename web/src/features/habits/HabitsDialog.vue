<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore } from '../../core';
import type { HabitRow } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import HabitPreview from './HabitPreview.vue';
import HandFile from './HandFile.vue';
import NumberBox from '../../shared/fields/NumberBox.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

const core = useCore();
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const search = ref('');
const seen = ref<HabitRow | null>(null);
const groups = computed(() => {
  void props.open.habitsVersion.value;
  const out = new Map<string, HabitRow[]>();
  for (const h of shown.value ? core.settings.list(search.value) : [])
    out.set(h.group, [...(out.get(h.group) ?? []), h]);
  return [...out];
});

function set(id: string, value?: unknown) {
  core.settings.set(value === undefined ? { id } : { id, value });
  props.open.keepHabits();
}
</script>

<template>
  <GuidedDialog v-model="shown" :title="say('habits-dialog.habits')" guide="habits" width="1010px" top="6vh">
    <div class="head">
      <el-input
        v-model="search"
        data-first-field
        :placeholder="say('habits-dialog.search-habits')"
        :aria-label="say('habits-dialog.search-habits')"
        clearable
      />
      <HandFile :open="open" />
    </div>
    <div class="columns">
      <div class="list" tabindex="0" role="region" :aria-label="say('habits-dialog.all-habits')">
        <p v-if="!groups.length" class="quiet">{{ say('habits-dialog.no-habit-is-called-that') }}</p>
        <section v-for="[group, habits] in groups" :key="group">
          <h3 class="heading">{{ group }}</h3>
          <div
            v-for="h in habits"
            :key="h.id"
            class="row"
            :class="{ seen: seen?.id === h.id }"
            :data-habit="h.id"
            @pointerenter="h.shown && (seen = h)"
            @focusin="h.shown && (seen = h)"
          >
            <div>
              <p>{{ h.words }}</p>
              <p class="sentence">{{ h.sentence }}</p>
            </div>
            <el-switch
              v-if="typeof h.value === 'boolean'"
              :model-value="h.value"
              :aria-label="h.words"
              @change="(v: string | number | boolean) => set(h.id, v)"
            />
            <NumberBox
              v-else-if="typeof h.value === 'number'"
              :habit="h"
              :label="h.unit ? `${h.words}, ${h.unit}` : h.words"
              @set="(v) => set(h.id, v)"
            />
            <el-select
              v-else
              :model-value="h.value"
              :aria-label="h.words"
              size="small"
              @change="(v: string) => set(h.id, v)"
            >
              <el-option v-for="c in h.choices" :key="c.id" :value="c.id" :label="c.label" />
            </el-select>
            <span class="unit">{{ typeof h.value === 'number' ? h.unit : '' }}</span>
            <button
              v-if="h.changed"
              class="plain"
              :aria-label="say('habits-dialog.put-back', h.words)"
              @click="set(h.id)"
            >
              {{ say('habits-dialog.put-back-2') }}
            </button>
            <span v-else />
          </div>
        </section>
      </div>
      <aside>
        <HabitPreview v-if="shown && seen" :habit="seen.id" :words="seen.words" />
        <p v-else class="quiet">{{ say('habits-dialog.point-at-a-habit-to-see') }}</p>
      </aside>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.head {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
.head :deep(.el-input) {
  width: 230px;
}
.head :deep(.plain) {
  white-space: normal;
  text-align: left;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 20px;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
.seen > div p:first-child {
  color: var(--accent);
}
.list {
  height: 62vh;
  overflow: auto;
  padding-right: 8px;
}
section {
  margin-bottom: 20px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 170px 22px 96px;
  gap: 8px;
  align-items: center;
  padding: 7px 0;
}
.row > :nth-child(2) {
  justify-self: end;
  max-width: 170px;
}
/* With little room: the words first, what is set below them. */
@media (max-width: 719px) {
  .row {
    grid-template-columns: 170px 22px 1fr;
    justify-items: start;
  }
  .row > :nth-child(2) {
    justify-self: start;
  }
  .row > :first-child {
    grid-column: 1 / -1;
  }
}
.sentence {
  color: var(--quiet);
  font-size: 12.5px;
}
.unit {
  color: var(--quiet);
  font-size: 12.5px;
}
</style>
