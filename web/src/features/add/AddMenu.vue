<script setup lang="ts">
import { ref } from 'vue';
import { lists, type Plain } from '../../core';
import CommandMenu from '../../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../../shared/menus/item';
import { useRun } from '../../stage/open/run';
import { toStage } from '../../shared/focus/toStage';
import { say } from '../../words/say';

const run = useRun();
const menu = ref<InstanceType<typeof CommandMenu>>();
const items: MenuItem[] = [
  ...lists.shapes().map((s) => ({ label: s.label, command: 'add.shape', args: { shape: s.id } })),
  { label: say('add-menu.point-light'), command: 'add.light', args: { type: 'point' }, apart: true },
  { label: say('add-menu.spot-light'), command: 'add.light', args: { type: 'spot' } },
  { label: say('add-menu.sun'), command: 'add.light', args: { type: 'directional' } },
  { label: say('add-menu.camera-from-this-view'), command: 'camera.from-view', apart: true },
  { label: say('add-menu.picture-behind-this-view'), command: 'picture.bring' },
  { label: say('add-menu.empty-group'), command: 'add.group', apart: true },
];
/** Where the pointer was when a key opened the menu: what is added stands there. */
let place: Plain = {};

function choose(i: MenuItem) {
  const { view, ...point } = place;
  run(i.command, { ...i.args, ...point }, (view as string) ?? null);
  // The menu gives the keyboard back to its button; what was added is worked on in the viewports.
  window.setTimeout(toStage, 0);
}

defineExpose({
  open: (at: Plain) => {
    place = at;
    menu.value?.open();
  },
});
</script>

<template>
  <CommandMenu ref="menu" :items="items" @choose="choose">
    <button
      class="plain"
      data-add
      data-command="app.add"
      :data-note="say('add-menu.it-is-put-at-the-pinned')"
      @click="place = {}"
    >
      {{ say('add-menu.add') }}
    </button>
  </CommandMenu>
</template>
