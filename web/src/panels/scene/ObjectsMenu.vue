<script setup lang="ts">
import { computed } from 'vue';
import CommandMenu from '../../menus/CommandMenu.vue';
import type { MenuItem } from '../../menus/item';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';

const emit = defineEmits<{ rename: [] }>();
const store = useStage();
const run = useRun();
const none = computed(() => store.selection.length === 0);
const last = computed(() => store.objects.find((o) => o.id === store.selection.at(-1)));
const items = computed<MenuItem[]>(() => [
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

function choose(item: MenuItem) {
  if (item.command === 'object.rename') emit('rename');
  else run(item.command, item.args ?? {});
}
</script>

<template>
  <CommandMenu :items="items" @choose="choose">
    <button class="plain" aria-label="More on the objects" data-help="objects-menu" data-objects-menu>…</button>
  </CommandMenu>
</template>

<style scoped>
button {
  min-width: 26px;
  padding: 0 6px;
  color: var(--quiet);
}
</style>
