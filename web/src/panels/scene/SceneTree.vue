<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { SceneObject } from '../../core';
import { useStage } from '../../stores/stage';
import { useRun } from '../../stage/run';
import { treeRows, type Row } from './treeRows';

const props = defineProps<{ objects: SceneObject[] }>();
const store = useStage();
const run = useRun();
const HEIGHT = 25;
const box = ref<HTMLElement>();
const open = ref(new Set<string>());
const at = ref(0);
const top = ref(0);
const rows = computed(() => treeRows(props.objects, open.value));
const selected = computed(() => new Set(store.selection));
/** Only rows near the window are in the page, so a scene of any size scrolls well. */
const first = computed(() => Math.max(0, Math.floor(top.value / HEIGHT) - 8));
const shown = computed(() => rows.value.slice(first.value, first.value + 70));

function toggle(row: Row, to = !row.open) {
  const next = new Set(open.value);
  if (to) next.add(row.object.id);
  else next.delete(row.object.id);
  open.value = next;
}

function pick(row: Row, e: { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean }) {
  const command = e.shiftKey ? 'select.add' : e.ctrlKey || e.metaKey ? 'select.toggle' : 'select.pick';
  run(command, { object: row.object.id });
}

async function go(to: number) {
  at.value = Math.max(0, Math.min(rows.value.length - 1, to));
  const y = at.value * HEIGHT;
  if (box.value && (y < box.value.scrollTop || y > box.value.scrollTop + box.value.clientHeight - HEIGHT)) {
    box.value.scrollTop = y - box.value.clientHeight / 2;
    await nextTick();
  }
}

function key(e: KeyboardEvent) {
  const row = rows.value[at.value];
  if (!row) return;
  const page = Math.floor((box.value?.clientHeight ?? HEIGHT) / HEIGHT);
  const moves: Record<string, number> = {
    ArrowDown: at.value + 1,
    ArrowUp: at.value - 1,
    Home: 0,
    End: rows.value.length - 1,
    PageDown: at.value + page,
    PageUp: at.value - page,
  };
  const to = moves[e.key];
  if (to !== undefined) void go(to);
  else if (e.key === 'ArrowRight' && row.children && !row.open) toggle(row, true);
  else if (e.key === 'ArrowLeft' && row.open) toggle(row, false);
  else if (e.key === 'ArrowLeft') void go(rows.value.findIndex((r) => r.object.id === row.object.parent));
  else if (e.key === 'Enter' || e.key === ' ') pick(row, e);
  else return;
  e.preventDefault();
  e.stopPropagation();
}

/** What is selected on the stage comes into view here, its parents opened. */
watch(
  () => store.selection.at(-1),
  async (id) => {
    if (!id) return;
    const byId = new Map(props.objects.map((o) => [o.id, o]));
    const next = new Set(open.value);
    for (let p = byId.get(id)?.parent; p; p = byId.get(p)?.parent) next.add(p);
    if (next.size !== open.value.size) open.value = next;
    await nextTick();
    const i = rows.value.findIndex((r) => r.object.id === id);
    if (i >= 0) await go(i);
  },
);
</script>

<template>
  <div
    ref="box"
    class="tree"
    role="tree"
    tabindex="0"
    aria-label="Objects"
    aria-multiselectable="true"
    :aria-activedescendant="rows[at] && `row-${rows[at]?.object.id}`"
    @scroll.passive="top = ($event.target as HTMLElement).scrollTop"
    @keydown="key"
  >
    <div role="presentation" :style="{ height: `${rows.length * HEIGHT}px`, position: 'relative' }">
      <div
        v-for="(row, i) in shown"
        :id="`row-${row.object.id}`"
        :key="row.object.id"
        role="treeitem"
        class="row"
        :class="{ selected: selected.has(row.object.id), at: first + i === at }"
        :aria-selected="selected.has(row.object.id)"
        :aria-expanded="row.children ? row.open : undefined"
        :aria-level="row.depth + 1"
        :data-object="row.object.id"
        :style="{ top: `${(first + i) * HEIGHT}px`, paddingLeft: `${14 + row.depth * 15}px` }"
        @click="
          at = first + i;
          pick(row, $event);
        "
      >
        <span class="twist" :class="{ can: row.children, open: row.open }" @click.stop="row.children && toggle(row)" />
        <span class="text">{{ row.object.name || row.object.id }}</span>
        <span class="numbers more">{{ row.children || (row.object.locked ? 'locked' : '') }}</span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.tree {
  overflow: auto;
  outline-offset: -2px;
}
.row {
  position: absolute;
  left: 0;
  right: 0;
  height: 25px;
  display: flex;
  align-items: center;
  gap: 9px;
  padding-right: 12px;
  cursor: pointer;
  white-space: nowrap;
}
.row:hover {
  background: var(--raised);
}
.tree:focus-visible .row.at {
  box-shadow: inset 2px 0 0 var(--accent);
}
.row.selected {
  background: var(--pick-ground);
}
.twist {
  width: 9px;
  height: 9px;
  flex: none;
  transform: rotate(45deg);
  background: var(--line);
}
.twist.can {
  background: none;
  border: 1.5px solid var(--quiet);
}
.twist.can.open {
  border-color: var(--accent);
  background: color-mix(in srgb, var(--accent) 45%, transparent);
}
.selected .twist:not(.can) {
  background: var(--pick);
}
.text {
  overflow: hidden;
  text-overflow: ellipsis;
}
.more {
  margin-left: auto;
  color: var(--quiet);
  font-size: 11px;
}
</style>
