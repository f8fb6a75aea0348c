<script setup lang="ts">
import { computed } from 'vue';
import type { KeyBinding, KeyRow } from '../../core';

/** A command with all its triggers side by side. */
const props = defineProps<{ row: KeyRow }>();
/** Triggers that all do the same need not say it each. */
const differ = computed(() => new Set(props.row.triggers.map((b) => b.words)).size > 1);
defineEmits<{ change: [binding: KeyBinding]; reset: [binding: KeyBinding] }>();
</script>

<template>
  <tr :data-key-row="row.command">
    <th scope="row">{{ row.words }}</th>
    <td>
      <p v-if="!row.triggers.length" class="quiet none">no trigger of its own; found by “/”</p>
      <div v-for="b in row.triggers" :key="b.id" class="cell" :data-binding="b.id">
        <button
          class="trigger"
          :class="{ changed: b.changed }"
          :title="`Change: ${b.words}`"
          @click="$emit('change', b)"
        >
          <kbd>{{ b.trigger ?? 'none' }}</kbd>
        </button>
        <span v-if="differ || b.special" class="what">
          {{ differ ? b.words : '' }}
          <i v-if="b.special">{{ b.where }}</i>
        </span>
        <button v-if="b.changed" class="plain" :aria-label="`Reset ${b.words}`" @click="$emit('reset', b)">
          reset
        </button>
        <span v-for="n in b.notes" :key="n" class="note">{{ n }}</span>
      </div>
    </td>
  </tr>
</template>

<style scoped>
th,
td {
  border-top: 1px solid var(--line);
  padding: 4px 0;
  text-align: left;
  font-weight: 400;
  vertical-align: top;
  line-height: 1.3;
}
th {
  width: 34%;
  padding: 9px 14px 4px 0;
}
td {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
.cell {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 28px;
}
.what {
  color: var(--quiet);
  font-size: 12px;
}
.what i {
  font-style: normal;
  color: var(--accent);
}
.none {
  margin: 5px 0;
  font-size: 12px;
}
.note {
  color: var(--caution);
  font-size: 12px;
}
.trigger {
  min-width: 24px;
  min-height: 26px;
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
}
.changed kbd {
  border-color: var(--accent);
  color: var(--accent);
}
.trigger:hover kbd {
  background: var(--raised);
}
</style>
