<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { ObjectRow } from '../../core';
import { useStage } from '../../stage/open/store';
import { useControlKeys } from '../../stage/input/controlKeys';
import { useDrag } from '../../stage/input/drag';
import { useRun } from '../../stage/open/run';
import { Sweep } from './sweep';
import TreeRow from './TreeRow.vue';
import { treeRows, type Row } from './treeRows';
import { expectField } from '../../shared/focus/typeAhead';
import { say } from '../../words/say';

const props = defineProps<{ objects: ObjectRow[]; search: string; ready: boolean }>();
const store = useStage();
const run = useRun();
const follow = useDrag();
const HEIGHT = 25;
/** What is typed within this time of the letter before goes on with the same name, milliseconds. */
const TYPING_MS = 900;
const box = ref<HTMLElement>();
const open = ref(new Set<string>());
const at = ref(0);
/** Where a range starts. */
const anchor = ref(0);
const top = ref(0);
const renaming = ref<string | null>(null);
const typed = { text: '', at: 0 };
const rows = computed(() => treeRows(props.objects, open.value, props.search));
const selected = computed(() => new Set(store.selection));
const layers = computed(() => new Map(store.layers.map((l) => [l.id, l.name])));
/** Only rows near the window are in the page, so a scene of any size scrolls well. */
const first = computed(() => Math.max(0, Math.floor(top.value / HEIGHT) - 8));
const shown = computed(() => rows.value.slice(first.value, first.value + 70));
const sweep = new Sweep(run);
/** Id of the row that something is dragged over, or null for the empty rest, which is the top of the tree. */
const over = ref<string | null>();

/** The row under a pointer; null below the last one, undefined beside the tree. */
function rowAt(e: PointerEvent): ObjectRow | null | undefined {
  const r = box.value?.getBoundingClientRect();
  if (!r || e.clientX < r.left || e.clientX > r.right || e.clientY < r.top || e.clientY > r.bottom) return undefined;
  return rows.value[Math.floor((e.clientY - r.top + box.value!.scrollTop) / HEIGHT)]?.object ?? null;
}

/** Rows are dragged onto another one, to hang what they name below it. Fingers scroll instead. */
function drag(e: PointerEvent, dragged: ObjectRow) {
  if (e.pointerType === 'touch') return;
  follow<ObjectRow | null>(e, {
    at: rowAt,
    over: (onto) => (over.value = onto === undefined ? undefined : (onto?.id ?? null)),
    drop: (onto) => {
      if (onto?.id === dragged.id) return;
      const ids = selected.value.has(dragged.id) ? store.selection : [dragged.id];
      run('object.regroup', { objects: ids, parent: onto?.id ?? '' });
      if (onto) toggleId(onto.id, true);
    },
  });
}

function toggleId(id: string, to: boolean) {
  const next = new Set(open.value);
  if (to) next.add(id);
  else next.delete(id);
  open.value = next;
}

function toggle(row: Row, to = !row.open) {
  if (row.children) toggleId(row.object.id, to);
}

function pick(i: number, e: { shiftKey: boolean; ctrlKey: boolean; metaKey: boolean }) {
  const row = rows.value[i];
  if (!row) return;
  at.value = i;
  if (e.shiftKey) range(e.ctrlKey || e.metaKey);
  else {
    anchor.value = i;
    run(e.ctrlKey || e.metaKey ? 'select.toggle' : 'select.pick', { object: row.object.id });
  }
}

/** Everything from where the range starts to here. */
function range(more: boolean) {
  const [from, to] = [Math.min(anchor.value, at.value), Math.max(anchor.value, at.value)];
  const ids = rows.value.slice(from, to + 1).map((r) => r.object.id);
  run('select.set', { objects: at.value < anchor.value ? ids.reverse() : ids, how: more ? 'add' : 'pick' });
}

async function go(to: number) {
  at.value = Math.max(0, Math.min(rows.value.length - 1, to));
  const y = at.value * HEIGHT;
  if (box.value && (y < box.value.scrollTop || y > box.value.scrollTop + box.value.clientHeight - HEIGHT)) {
    box.value.scrollTop = y - box.value.clientHeight / 2;
    await nextTick();
  }
}

/** Letters typed in a row go to the next object whose name starts with them. */
function typeAhead(letter: string) {
  const now = performance.now();
  typed.text = typing() ? typed.text + letter.toLowerCase() : letter.toLowerCase();
  typed.at = now;
  const n = rows.value.length;
  const start = typed.text.length > 1 ? at.value : at.value + 1;
  for (let k = 0; k < n; k++) {
    const i = (start + k) % n;
    if (rows.value[i]!.object.name.toLowerCase().startsWith(typed.text)) {
      void go(i);
      return;
    }
  }
}

const page = () => Math.floor((box.value?.clientHeight ?? HEIGHT) / HEIGHT);
/** Where keys that move go. */
const moves: Record<string, () => number> = {
  down: () => at.value + 1,
  up: () => at.value - 1,
  first: () => 0,
  last: () => rows.value.length - 1,
  'page-down': () => at.value + page(),
  'page-up': () => at.value - page(),
};
const keys: Record<string, (row: Row, e: KeyboardEvent) => boolean | void> = {
  open: (row) => (row.children && !row.open ? toggle(row, true) : false),
  close: (row) =>
    row.open ? toggle(row, false) : void go(rows.value.findIndex((r) => r.object.id === row.object.parent)),
  choose: (_, e) => pick(at.value, e),
  rename: (row) => void (renaming.value = row.object.id),
  delete: ({ object }) => run('object.delete', selected.value.has(object.id) ? {} : { objects: [object.id] }),
  letter: (_, e) => typeAhead(e.key),
};
const typing = () => performance.now() - typed.at <= TYPING_MS;
const key = useControlKeys(
  () => (typing() ? 'typing' : 'tree'),
  (action, e) => {
    const row = rows.value[at.value];
    const to = moves[action];
    if (!row) return false;
    if (!to) return keys[action]!(row, e);
    void go(to());
    if (e.shiftKey) range(e.ctrlKey);
  },
);

function set(what: 'eye' | 'lock', id: string) {
  return (on: boolean) => run(what === 'eye' ? 'object.visible' : 'object.pickable', { objects: [id], on });
}

function press(row: Row, what: 'eye' | 'lock', e: PointerEvent) {
  const o = row.object;
  sweep.press(e, what, what === 'eye' ? !o.visible : o.locked, set(what, o.id));
}

function renamed(id: string, name: string | null) {
  if (renaming.value !== id) return;
  renaming.value = null;
  if (name !== null) run('object.rename', { objects: [id], name });
  box.value?.focus();
}

/** What is searched leaves fewer rows: the keyboard goes on from what is selected among them, or from the first. */
watch(
  () => props.search,
  () => void go(rows.value.findIndex((r) => r.object.id === store.selection.at(-1))),
);
watch(
  () => rows.value.length,
  (n) => at.value >= n && void go(n - 1),
);

/** What is selected on the stage comes into view here, its parents opened. */
watch(
  () => store.selection.at(-1),
  async (id) => {
    if (!id || rows.value[at.value]?.object.id === id) return;
    const byId = new Map(props.objects.map((o) => [o.id, o]));
    const next = new Set(open.value);
    for (let p = byId.get(id)?.parent; p; p = byId.get(p)?.parent) next.add(p);
    if (next.size !== open.value.size) open.value = next;
    await nextTick();
    const i = rows.value.findIndex((r) => r.object.id === id);
    if (i >= 0) {
      await go(i);
      anchor.value = i;
    }
  },
);

/** Begins to rename an object: what is typed from now on is its name. */
function rename(id: string) {
  if (!rows.value.some((r) => r.object.id === id)) return;
  expectField();
  renaming.value = id;
}
defineExpose({ rename });
</script>

<template>
  <div
    ref="box"
    class="tree"
    role="tree"
    tabindex="0"
    :aria-label="say('scene-tree.objects')"
    data-about="tree"
    aria-multiselectable="true"
    :class="{ target: over === null }"
    :aria-activedescendant="rows[at] && `row-${rows[at]?.object.id}`"
    @scroll.passive="top = ($event.target as HTMLElement).scrollTop"
    @keydown="key"
    @pointerleave="run('select.hover')"
  >
    <p v-if="ready && !rows.length" class="none">
      {{ search ? say('scene-tree.nothing-is-called', search) : say('scene-tree.this-scene-is-empty') }}
    </p>
    <div role="presentation" :style="{ height: `${rows.length * HEIGHT}px`, position: 'relative' }">
      <div
        v-for="(row, i) in shown"
        :id="`row-${row.object.id}`"
        :key="row.object.id"
        role="treeitem"
        class="row"
        :class="{
          selected: selected.has(row.object.id),
          at: first + i === at,
          target: over === row.object.id,
        }"
        :aria-selected="selected.has(row.object.id)"
        :aria-expanded="row.children ? row.open : undefined"
        :aria-level="row.depth + 1"
        :data-object="row.object.id"
        :style="{ top: `${(first + i) * HEIGHT}px`, paddingLeft: `${14 + row.depth * 13}px` }"
        @pointerdown="drag($event, row.object)"
        @pointerenter="run('select.hover', { object: row.object.id })"
        @dblclick="renaming = row.object.id"
        @click="pick(first + i, $event)"
      >
        <TreeRow
          :row="row"
          :renaming="renaming === row.object.id"
          :layer="layers.get(row.object.layer ?? '') ?? ''"
          @twist="toggle(row)"
          @renamed="renamed(row.object.id, $event)"
          @press="(what, e) => press(row, what, e)"
          @over="sweep.over($event, set($event, row.object.id))"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.tree {
  overflow: auto;
  outline-offset: -2px;
}
.none {
  padding: 4px 14px;
  color: var(--quiet);
}
.row {
  position: absolute;
  left: 0;
  right: 0;
  height: 25px;
  display: flex;
  align-items: center;
  gap: 7px;
  padding-right: 6px;
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
.target {
  box-shadow: inset 0 0 0 1.5px var(--accent);
}
</style>
