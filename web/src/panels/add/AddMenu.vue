<script setup lang="ts">
import type { DropdownInstance } from 'element-plus';
import { ref } from 'vue';
import { shapes } from '../../core';
import type { Plain } from '../../core';
import { useRun } from '../../stage/run';
import { toStage } from '../../stage/toStage';

const run = useRun();
const menu = ref<DropdownInstance>();
interface Item {
  label: string;
  command: string;
  args?: Plain;
  apart?: boolean;
}
const items: Item[] = [
  ...shapes().map((s) => ({ label: s.label, command: 'add.shape', args: { shape: s.id } })),
  { label: 'Point light', command: 'add.light', args: { type: 'point' }, apart: true },
  { label: 'Spot light', command: 'add.light', args: { type: 'spot' } },
  { label: 'Sun', command: 'add.light', args: { type: 'directional' } },
  { label: 'Empty group', command: 'add.group', apart: true },
];
/** Where the pointer was when a key opened the menu: what is added stands there. */
let place: Plain = {};

function choose(i: Item) {
  const { view, ...point } = place;
  run(i.command, { ...i.args, ...point }, (view as string) ?? null);
  // The menu gives the keyboard back to its button; what was added is worked on in the viewports.
  window.setTimeout(toStage, 0);
}

defineExpose({
  open: (at: Plain) => {
    place = at;
    menu.value?.handleOpen();
  },
});
</script>

<template>
  <el-dropdown ref="menu" trigger="click" popper-class="plate-menu" @command="choose">
    <button
      class="plain"
      data-add
      title="Add something at the pinned pivot, or where the view looks"
      @click="place = {}"
    >
      + Add
    </button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item
          v-for="i in items"
          :key="i.label"
          :command="i"
          :divided="i.apart"
          :data-command="i.command"
          :data-thing="i.label"
        >
          {{ i.label }}
        </el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>
