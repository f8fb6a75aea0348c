<script setup lang="ts">
import { computed } from 'vue';
import CommandMenu from '../../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../../shared/menus/item';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import PartsIcon from './PartsIcon.vue';
import { say } from '../../words/say';

defineProps<{
  /** Whether the board is named here, since there are no tabs. */
  named?: boolean;
}>();
const emit = defineEmits<{ rename: [] }>();
const store = useStage();
const run = useRun();
const board = computed(() => store.boards.tabs.find((t) => t.on));
const items = computed<MenuItem[]>(() => [
  // All boards by name, wherever their tabs are.
  ...store.boards.tabs.map((t, i) => ({
    label: t.name,
    command: 'board.go',
    args: { board: t.id },
    on: t.on,
    apart: i === 0,
  })),
  { label: say('board-menu.add-a-board-like-this-one'), command: 'board.add' },
  { label: say('board-menu.link-flat-views'), command: 'board.link', on: board.value?.linked ?? false, apart: true },
  { label: say('board-menu.start-new-scenes-with-these-views'), command: 'board.use-for-new-scenes' },
  ...(board.value?.passing ? [{ label: say('board-menu.keep-this-board'), command: 'board.keep' }] : []),
  { label: say('board-menu.rename'), command: 'board.rename', apart: true },
  { label: say('board-menu.duplicate'), command: 'board.duplicate' },
  { label: say('board-menu.move-left'), command: 'board.move', args: { to: 'left' } },
  { label: say('board-menu.move-right'), command: 'board.move', args: { to: 'right' } },
  { label: say('board-menu.delete'), command: 'board.delete', off: store.boards.tabs.length < 2 },
  {
    label: store.boards.undo ? say('board-menu.take-back', store.boards.undo) : say('board-menu.nothing-to-take-back'),
    command: 'board.undo',
    off: !store.boards.undo,
  },
  { label: say('board-menu.pin-this-board'), command: 'pin.add', args: { board: true }, apart: true },
  { label: say('board-menu.copy-an-address-of-these-views'), command: 'app.copy-link' },
  { label: say('board-menu.snapshot'), command: 'app.snapshot' },
  { label: say('board-menu.clear-deck'), command: 'board.clear-deck', apart: true },
  { label: say('board-menu.full-screen'), command: 'app.full-screen' },
]);

function choose(item: MenuItem) {
  if (item.command === 'board.rename') emit('rename');
  else run(item.command, item.args ?? {});
}
</script>

<template>
  <CommandMenu :items="items" popper="board-menu" @choose="choose">
    <button class="plain caret" :aria-label="say('board-menu.board')" data-help="board-menu" data-board-menu>
      <span v-if="named" class="name">{{ board?.name }}</span>
      <svg viewBox="-6 -6 12 12" width="11" height="11" aria-hidden="true"><path d="M-5-2 0 3 5-2" /></svg>
    </button>
    <template #first>
      <el-dropdown-item
        v-for="t in store.boards.templates"
        :key="t.id"
        class="template"
        :command="{ label: t.label, command: 'board.arrange', args: { to: t.id } }"
        data-command="board.arrange"
        :data-template="t.id"
        :title="t.label"
      >
        <PartsIcon :part="t.parts" /><span class="hidden-words">{{ t.label }}</span>
      </el-dropdown-item>
    </template>
  </CommandMenu>
</template>

<style scoped>
.caret {
  align-self: stretch;
  padding: 8px 9px;
}
.name {
  display: inline-block;
  max-width: 110px;
  margin-right: 6px;
  overflow: hidden;
  text-overflow: ellipsis;
  vertical-align: bottom;
}
.caret path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
}
.lozenge {
  margin-right: 10px;
}
</style>
<style>
.board-menu.plate-menu .el-dropdown-menu {
  grid-template-columns: repeat(7, auto);
}
.board-menu.plate-menu .el-dropdown-menu > li {
  grid-column: 1 / -1;
}
.board-menu.plate-menu .el-dropdown-menu > li.template {
  grid-column: auto;
  padding: 8px 7px;
  justify-content: center;
  color: var(--quiet);
}
.board-menu.plate-menu .el-dropdown-menu > li.template:focus,
.board-menu.plate-menu .el-dropdown-menu > li.template:hover {
  color: var(--accent);
}
</style>
