<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { Plain, ShotRow } from '../../core';
import { useRun } from '../../stage/open/run';
import NameField from '../../shared/fields/NameField.vue';
import { expectField } from '../../shared/focus/typeAhead';
import { say } from '../../words/say';

/** A camera in the shot list. It looks for its own row and picture, so that one that comes draws no other line anew. */
const props = defineProps<{
  id: string;
  first: boolean;
  last: boolean;
  rows: Record<string, ShotRow>;
  pictures: Record<string, string>;
}>();
const emit = defineEmits<{ go: []; changed: []; change: [command: string, args: Plain] }>();
const run = useRun();
const row = computed(() => props.rows[props.id]);
const picture = computed(() => props.pictures[props.id]);
const renaming = ref(false);
const name = ref('');
const field = ref<InstanceType<typeof NameField>>();

async function rename() {
  expectField();
  name.value = row.value?.name ?? '';
  renaming.value = true;
  await nextTick();
  field.value?.select();
}

function renamed(keep: boolean) {
  if (!renaming.value) return;
  renaming.value = false;
  if (!keep || name.value === row.value?.name) return;
  run('object.rename', { objects: [props.id], name: name.value });
  emit('changed');
}
</script>

<template>
  <tr :data-shot="id">
    <td>
      <button class="picture" :aria-label="say('shot-line.look-through', row?.name ?? id)" @click="emit('go')">
        <img v-if="picture" :src="picture" alt="" />
      </button>
    </td>
    <template v-if="row">
      <td class="name">
        <NameField
          v-if="renaming"
          ref="field"
          v-model="name"
          :most="200"
          :label="say('shot-line.new-name-of-the-camera')"
          @done="renamed(true)"
          @given="renamed(false)"
        />
        <template v-else>
          <span>{{ row.name }}</span>
          <button class="plain" data-command="object.rename" @click="rename">{{ say('shot-line.rename') }}</button>
          <button
            class="plain"
            data-command="camera.activate"
            :aria-pressed="row.active"
            :title="
              row.active ? say('shot-line.the-key-of-cameras-leads-to') : say('shot-line.the-key-of-cameras-shall-lead')
            "
            @click="emit('change', 'camera.activate', { camera: id, on: !row.active })"
          >
            <span class="lozenge" :class="{ on: row.active }" />{{ say('shot-line.active') }}
          </button>
        </template>
      </td>
      <td class="numbers">{{ row.lens }}</td>
      <td>{{ row.back }}</td>
      <td class="numbers">{{ row.fill || '–' }}</td>
      <td>
        <ul v-if="row.warnings.length">
          <li v-for="w in row.warnings" :key="w">{{ w }}</li>
        </ul>
        <span v-else class="quiet">–</span>
      </td>
    </template>
    <td v-else colspan="5" class="quiet">…</td>
    <td class="order">
      <button
        v-for="to in ['up', 'down'] as const"
        :key="to"
        class="plain"
        data-command="camera.order"
        :disabled="to === 'up' ? first : last"
        :aria-label="say('shot-line.move', row?.name ?? id, to)"
        @click="emit('change', 'camera.order', { camera: id, to })"
      >
        <svg viewBox="-8 -8 16 16" aria-hidden="true">
          <path :d="to === 'up' ? 'M-5 2 0-3 5 2' : 'M-5-2 0 3 5-2'" />
        </svg>
      </button>
    </td>
  </tr>
</template>

<style scoped>
td {
  border-top: 1px solid var(--line);
  padding: 6px 10px 6px 0;
  vertical-align: middle;
}
td.numbers {
  font-size: 12px;
  white-space: nowrap;
}
.picture {
  display: block;
  width: 108px;
  height: 72px;
  padding: 0;
  border: 0;
  background: var(--raised);
  cursor: pointer;
  clip-path: polygon(9px 0, 100% 0, 100% calc(100% - 9px), calc(100% - 9px) 100%, 0 100%, 0 9px);
}
.picture img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.picture:focus-visible {
  outline-offset: -3px;
}
.name span {
  overflow-wrap: anywhere;
}
.name .plain {
  color: var(--quiet);
  font-size: 12px;
}
.name .plain[aria-pressed='true'] {
  color: var(--text);
  font-weight: 600;
}
.order {
  padding-right: 0;
  white-space: nowrap;
}
.order .plain {
  display: block;
  min-width: 28px;
  min-height: 26px;
  padding: 2px;
}
.order svg {
  display: block;
  margin: auto;
  width: 16px;
  height: 16px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  color: var(--caution);
}
</style>
