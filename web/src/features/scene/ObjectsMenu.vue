<script setup lang="ts">
import { computed } from 'vue';
import CommandMenu from '../../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../../shared/menus/item';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import { say } from '../../words/say';

const emit = defineEmits<{ rename: [] }>();
const store = useStage();
const run = useRun();
const none = computed(() => store.selection.length === 0);
const last = computed(() => store.objects.find((o) => o.id === store.selection.at(-1)));
const items = computed<MenuItem[]>(() => [
  { label: say('objects-menu.select-all'), command: 'select.all' },
  { label: say('objects-menu.select-none'), command: 'select.none', off: none.value },
  { label: say('objects-menu.select-the-others'), command: 'select.invert' },
  { label: say('objects-menu.rename'), command: 'object.rename', off: none.value, apart: true },
  { label: say('objects-menu.duplicate'), command: 'object.duplicate', off: none.value },
  { label: say('objects-menu.delete'), command: 'object.delete', off: none.value },
  { label: say('objects-menu.group'), command: 'object.group', off: none.value, apart: true },
  { label: say('objects-menu.ungroup'), command: 'object.ungroup', off: none.value },
  {
    label:
      store.selection.length > 1
        ? say('objects-menu.put-the-others-below', last.value?.name || say('objects-menu.the-last-one'))
        : say('objects-menu.put-below-the-last-selected'),
    command: 'object.regroup',
    args: { objects: store.selection.slice(0, -1), parent: store.selection.at(-1) ?? '' },
    off: store.selection.length < 2,
  },
  {
    label: say('objects-menu.take-out-of-every-group'),
    command: 'object.regroup',
    args: { parent: '' },
    off: none.value,
  },
  { label: say('objects-menu.hide'), command: 'object.hide', off: none.value, apart: true },
  { label: say('objects-menu.show'), command: 'object.visible', args: { on: true }, off: none.value },
  {
    label: store.readout.isolated ? say('objects-menu.show-the-rest-again') : say('objects-menu.isolate'),
    command: 'object.isolate',
  },
  { label: say('objects-menu.show-all'), command: 'object.show-all' },
  { label: say('objects-menu.lock'), command: 'object.lock', off: none.value },
  { label: say('objects-menu.unlock'), command: 'object.pickable', args: { on: true }, off: none.value },
  { label: say('objects-menu.unlock-all'), command: 'object.unlock-all' },
]);

function choose(item: MenuItem) {
  if (item.command === 'object.rename') emit('rename');
  else run(item.command, item.args ?? {});
}
</script>

<template>
  <CommandMenu :items="items" @choose="choose">
    <button
      class="plain"
      :aria-label="say('objects-menu.more-on-the-objects')"
      data-help="objects-menu"
      data-objects-menu
    >
      …
    </button>
  </CommandMenu>
</template>

<style scoped>
button {
  min-width: 26px;
  padding: 0 6px;
  color: var(--quiet);
}
</style>
