<script setup lang="ts">
import { computed, ref } from 'vue';
import type { KeyBinding, KeyRow } from '../../core';
import { say } from '../../words/say';

/** A command with all its triggers side by side. */
const props = defineProps<{ row: KeyRow; find: string | null; beside?: string }>();
/** Triggers that all do the same need not say it each. */
const differ = computed(() => new Set(props.row.triggers.map((b) => b.words)).size > 1);
const emit = defineEmits<{ change: [binding: KeyBinding]; reset: [binding: KeyBinding]; add: [which: number] }>();
const chosen = ref('');

function add() {
  if (chosen.value !== '') emit('add', Number(chosen.value));
  chosen.value = '';
}
</script>

<template>
  <tr :data-key-row="row.command">
    <th scope="row">{{ row.words }}</th>
    <td class="triggers">
      <p v-if="!row.triggers.length" class="quiet none">
        {{ say('key-line.no-trigger-of-its-own')
        }}<template v-if="find">; {{ say('key-line.found-by', find) }}</template>
      </p>
      <div v-for="b in row.triggers" :key="b.id" class="cell" :data-binding="b.id">
        <button
          class="trigger"
          :class="{ changed: b.changed }"
          :title="say('key-line.change', b.words)"
          @click="emit('change', b)"
        >
          <kbd>{{ b.trigger ?? say('key-line.none') }}</kbd>
        </button>
        <span v-if="differ || b.special" class="what">
          {{ differ ? b.words : '' }}
          <i v-if="b.special">{{ b.where }}</i>
        </span>
        <span v-if="b.usual" class="what" data-usual>{{ say('key-line.preset', b.usual) }}</span>
        <button
          v-if="b.changed"
          class="plain"
          :aria-label="b.own ? say('key-line.take-from', b.trigger, b.words) : say('key-line.reset', b.words)"
          @click="emit('reset', b)"
        >
          {{ b.own ? say('key-line.take-away') : say('key-line.reset-2') }}
        </button>
        <span v-for="n in b.notes" :key="n" class="note">{{ n }}</span>
      </div>
      <p v-if="row.beside" class="quiet beside" data-beside>{{ beside }}: {{ row.beside }}</p>
    </td>
    <td class="more">
      <button
        v-if="row.more.length === 1"
        class="add"
        :title="say('key-line.one-more-trigger', row.more[0])"
        :aria-label="say('key-line.one-more-trigger-for', row.more[0])"
        @click="emit('add', 0)"
      >
        +
      </button>
      <select
        v-else-if="row.more.length > 1"
        v-model="chosen"
        class="add"
        :title="say('key-line.one-more-trigger-2')"
        :aria-label="say('key-line.one-more-trigger-for', row.words)"
        @change="add"
      >
        <option value="">+</option>
        <option v-for="(m, k) in row.more" :key="k" :value="k">{{ m }}</option>
      </select>
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
.triggers {
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
.more {
  width: 44px;
  text-align: right;
}
.add {
  width: 30px;
  height: 28px;
  border: 0;
  background: none;
  color: var(--quiet);
  font-size: 15px;
  cursor: pointer;
  appearance: none;
  text-align: center;
}
.add:hover,
.add:focus-visible {
  color: var(--text);
  background: var(--raised);
}
.none {
  margin: 5px 0;
  font-size: 12px;
}
.beside {
  flex-basis: 100%;
  margin: 2px 0 5px;
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
