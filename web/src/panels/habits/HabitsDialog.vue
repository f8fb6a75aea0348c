<script setup lang="ts">
import { computed } from 'vue';
import { useCore } from '../../core';
import type { HabitRow } from '../../core';
import type { OpenScene } from '../../stage/openScene';

const core = useCore();
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const groups = computed(() => {
  void props.open.habitsVersion.value;
  const out = new Map<string, HabitRow[]>();
  for (const h of shown.value ? core.keys.habitsPage() : []) out.set(h.group, [...(out.get(h.group) ?? []), h]);
  return [...out];
});

function set(id: string, value?: string | number | boolean) {
  core.keys.setHabit(value === undefined ? { id } : { id, value });
  props.open.keepHabits();
}
</script>

<template>
  <el-dialog v-model="shown" title="Habits" width="min(760px, 94vw)" top="6vh" append-to="#dialogs">
    <div class="list">
      <section v-for="[group, habits] in groups" :key="group">
        <h3 class="heading">{{ group }}</h3>
        <div v-for="h in habits" :key="h.id" class="row" :data-habit="h.id">
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
          <el-input-number
            v-else-if="typeof h.value === 'number'"
            :model-value="h.value"
            :min="h.least"
            :max="h.most"
            :step="h.step"
            :aria-label="`${h.words}, ${h.unit}`"
            size="small"
            @change="(v?: number | null) => set(h.id, v ?? undefined)"
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
          <button v-if="h.changed" class="plain" :aria-label="`Put back: ${h.words}`" @click="set(h.id)">
            put back
          </button>
          <span v-else />
        </div>
      </section>
    </div>
  </el-dialog>
</template>

<style scoped>
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
  grid-template-columns: 1fr 170px 22px 66px;
  gap: 8px;
  align-items: center;
  padding: 7px 0;
}
.row > :nth-child(2) {
  justify-self: end;
  max-width: 170px;
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
