<script setup lang="ts">
import { computed } from 'vue';
import type { Plain } from '../../core';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';

const emit = defineEmits<{ rename: [] }>();
const store = useStage();
const run = useRun();
interface Item {
  label: string;
  command: string;
  args?: Plain;
  apart?: boolean;
  off?: boolean;
}
const none = computed(() => store.selection.length === 0);
const last = computed(() => store.objects.find((o) => o.id === store.selection.at(-1)));
const items = computed<Item[]>(() => [
  { label: 'Select all', command: 'select.all' },
  { label: 'Select none', command: 'select.none', off: none.value },
  { label: 'Select the others', command: 'select.invert' },
  { label: 'Rename', command: 'object.rename', off: none.value, apart: true },
  { label: 'Duplicate', command: 'object.duplicate', off: none.value },
  { label: 'Delete', command: 'object.delete', off: none.value },
  { label: 'Group', command: 'object.group', off: none.value, apart: true },
  { label: 'Ungroup', command: 'object.ungroup', off: none.value },
  {
    label:
      store.selection.length > 1
        ? `Put the others below ${last.value?.name || 'the last one'}`
        : 'Put below the last selected',
    command: 'object.regroup',
    args: { objects: store.selection.slice(0, -1), parent: store.selection.at(-1) ?? '' },
    off: store.selection.length < 2,
  },
  { label: 'Take out of every group', command: 'object.regroup', args: { parent: '' }, off: none.value },
  { label: 'Hide', command: 'object.hide', off: none.value, apart: true },
  { label: 'Show', command: 'object.visible', args: { on: true }, off: none.value },
  { label: store.readout.isolated ? 'Show the rest again' : 'Isolate', command: 'object.isolate' },
  { label: 'Show all', command: 'object.show-all' },
  { label: 'Lock', command: 'object.lock', off: none.value },
  { label: 'Unlock', command: 'object.pickable', args: { on: true }, off: none.value },
  { label: 'Unlock all', command: 'object.unlock-all' },
]);

function choose(item: Item) {
  if (item.command === 'object.rename') emit('rename');
  else run(item.command, item.args ?? {});
}
</script>

<template>
  <el-dropdown trigger="click" popper-class="plate-menu" max-height="82vh" @command="choose">
    <button class="plain" aria-label="More on the objects" data-objects-menu>…</button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item
          v-for="i in items"
          :key="i.label"
          :command="i"
          :divided="i.apart"
          :disabled="i.off"
          :data-command="i.command"
        >
          {{ i.label }}
        </el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>

<style scoped>
button {
  min-width: 26px;
  padding: 0 6px;
  color: var(--quiet);
}
</style>
