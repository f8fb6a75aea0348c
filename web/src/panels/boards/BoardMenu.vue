<script setup lang="ts">
import { computed } from 'vue';
import CommandMenu from '../../menus/CommandMenu.vue';
import type { MenuItem } from '../../menus/item';
import { useRun } from '../../stage/run';
import { useStage } from '../../stores/stage';
import PartsIcon from './PartsIcon.vue';

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
  { label: 'Add a board like this one', command: 'board.add' },
  { label: 'Link flat views', command: 'board.link', on: board.value?.linked ?? false, apart: true },
  { label: 'Start new scenes with these views', command: 'board.use-for-new-scenes' },
  ...(board.value?.passing ? [{ label: 'Keep this board', command: 'board.keep' }] : []),
  { label: 'Rename', command: 'board.rename', apart: true },
  { label: 'Duplicate', command: 'board.duplicate' },
  { label: 'Move left', command: 'board.move', args: { to: 'left' } },
  { label: 'Move right', command: 'board.move', args: { to: 'right' } },
  { label: 'Delete', command: 'board.delete', off: store.boards.tabs.length < 2 },
  {
    label: store.boards.undo ? `Take back: ${store.boards.undo}` : 'Nothing to take back',
    command: 'board.undo',
    off: !store.boards.undo,
  },
  { label: 'Pin this board', command: 'pin.add', args: { board: true }, apart: true },
  { label: 'Copy an address of these views', command: 'app.copy-link' },
  { label: 'Snapshot', command: 'app.snapshot' },
  { label: 'Clear deck', command: 'board.clear-deck', apart: true },
  { label: 'Full screen', command: 'app.full-screen' },
]);

function choose(item: MenuItem) {
  if (item.command === 'board.rename') emit('rename');
  else run(item.command, item.args ?? {});
}
</script>

<template>
  <CommandMenu :items="items" popper="board-menu" @choose="choose">
    <button class="plain caret" aria-label="Board" data-help="board-menu" data-board-menu>
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
