<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { BoardTabRow } from '../../core';
import { useControlKeys } from '../../stage/input/controlKeys';
import { useDrag } from '../../stage/input/drag';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import NameField from '../../shared/fields/NameField.vue';
import { useSlim } from '../../shared/narrow';
import BoardMenu from './BoardMenu.vue';
import PartsIcon from './PartsIcon.vue';
import { say } from '../../words/say';

const store = useStage();
const run = useRun();
const follow = useDrag();
const tabs = computed(() => store.boards.tabs);
/** Where there is no room for tabs the menu has the boards. */
const slim = useSlim();
const naming = ref<string | null>(null);
const text = ref('');
const field = ref<InstanceType<typeof NameField>[]>();
const strip = ref<HTMLElement>();
/** The tab that is being dragged, and the place it would take. */
const dragged = ref<{ id: string; from: number; to: number } | null>(null);

// Of many tabs the one that is on is in sight.
watch(
  () => tabs.value.find((t) => t.on)?.id,
  async () => {
    await nextTick();
    const on = strip.value?.querySelector('[aria-selected=true]');
    on?.scrollIntoView?.({ inline: 'nearest', block: 'nearest' });
  },
);

async function rename(t: BoardTabRow) {
  naming.value = t.id;
  text.value = t.name;
  await nextTick();
  field.value?.[0]?.select();
}

function named(save: boolean) {
  if (save && naming.value && text.value.trim()) run('board.rename', { board: naming.value, name: text.value });
  naming.value = null;
}

/** The tab that has the keyboard is the one that is on. */
const on = () => tabs.value.findIndex((t) => t.on);

function step(by: number) {
  const to = tabs.value[(on() + by + tabs.value.length) % tabs.value.length]!;
  run('board.go', { board: to.id });
  void nextTick(() => strip.value?.querySelector<HTMLElement>('[aria-selected=true]')?.focus());
}

const keys: Record<string, (t: BoardTabRow) => void> = {
  previous: () => step(-1),
  next: () => step(1),
  rename: (t) => void rename(t),
  delete: (t) => run('board.delete', { board: t.id }),
  'move-left': (t) => run('board.move', { board: t.id, to: 'left' }),
  'move-right': (t) => run('board.move', { board: t.id, to: 'right' }),
};
const key = useControlKeys('tabs', (action) => keys[action]!(tabs.value[on()]!));

/** The place of the tab at a point of the strip. */
function placeAt(e: PointerEvent): number {
  const all = [...strip.value!.querySelectorAll('[role=tab]')].map((t) => t.getBoundingClientRect());
  const at = all.findIndex((r) => e.clientX < r.right);
  return at < 0 ? all.length - 1 : at;
}

function press(e: PointerEvent, id: string, from: number) {
  follow(e, {
    at: placeAt,
    over: (to) => (dragged.value = to === undefined ? null : { id, from, to }),
    drop: (to) => to !== from && run('board.move', { board: id, to }),
  });
}
</script>

<template>
  <nav class="boards" :aria-label="say('board-tabs.boards')">
    <div
      v-if="!slim || naming"
      ref="strip"
      class="tabs"
      :class="{ many: tabs.length > 4 }"
      role="tablist"
      :aria-label="say('board-tabs.boards')"
    >
      <template v-for="(t, i) in tabs" :key="t.id">
        <NameField
          v-if="naming === t.id"
          ref="field"
          v-model="text"
          class="naming"
          :most="60"
          :label="say('board-tabs.new-name-of', t.name)"
          @done="named(true)"
          @given="named(false)"
        />
        <button
          v-else
          class="tab"
          :class="{
            on: t.on,
            passing: t.passing,
            dragged: dragged?.id === t.id,
            before: dragged && dragged.to === i && dragged.to < dragged.from,
            after: dragged && dragged.to === i && dragged.to > dragged.from,
          }"
          role="tab"
          :aria-selected="t.on"
          :tabindex="t.on ? 0 : -1"
          :data-note="`${t.name}${t.linked ? `, ${say('board-tabs.flat-views-linked')}` : ''}${t.passing ? `, ${say('board-tabs.from-an-address-and-not-kept')}` : ''}`"
          :data-board="t.id"
          data-command="board.go"
          @click="run('board.go', { board: t.id })"
          @dblclick="rename(t)"
          @keydown="key"
          @pointerdown="press($event, t.id, i)"
        >
          <PartsIcon :part="t.parts" class="icon" />
          <span class="name">{{ t.name }}</span>
        </button>
      </template>
    </div>
    <BoardMenu :named="slim && !naming" @rename="tabs.find((t) => t.on) && rename(tabs.find((t) => t.on)!)" />
    <button
      v-if="!slim"
      class="plain add"
      data-command="board.add"
      :aria-label="say('board-tabs.add-a-board-like-this-one')"
      @click="run('board.add')"
    >
      +
    </button>
  </nav>
</template>

<style scoped>
.boards {
  display: flex;
  align-self: stretch;
  align-items: center;
  min-width: 0;
  margin-left: 6px;
}
@media (max-width: 719px) {
  .boards {
    flex: none;
    margin-left: 0;
  }
}
.tabs {
  display: flex;
  align-self: stretch;
  min-width: 0;
  overflow-x: auto;
  scrollbar-width: none;
}
.tab {
  position: relative;
  display: flex;
  gap: 7px;
  align-items: center;
  flex: 0 1 auto;
  /* Icon and some letters: with many tabs the strip scrolls, rather than leave none to read. */
  min-width: 92px;
  border: 0;
  padding: 0 9px;
  background: none;
  color: var(--quiet);
  font-size: 13px;
  white-space: nowrap;
  cursor: pointer;
}
.tab:hover,
.tab.on {
  color: var(--text);
}
.tab.on {
  background: var(--raised);
  flex-shrink: 0;
}
.tab.on .icon {
  color: var(--accent);
}
.tab:focus-visible {
  outline-offset: -3px;
}
.icon {
  width: 21px;
  height: 14px;
}
/* Where there is little room, the names are what one reads. */
.many .tab:not(.on) .icon {
  display: none;
}
.many .tab {
  padding: 0 7px;
}
.name {
  max-width: 150px;
  overflow: hidden;
  text-overflow: ellipsis;
}
.passing .name {
  font-style: italic;
}
.dragged {
  opacity: 0.5;
}
.before::before,
.after::after {
  content: '';
  position: absolute;
  top: 6px;
  bottom: 6px;
  width: 3px;
  background: var(--accent);
}
.before::before {
  left: 0;
}
.after::after {
  right: 0;
}
.naming {
  flex: 0 0 150px;
  align-self: center;
}
.add {
  font-size: 17px;
  line-height: 1;
  color: var(--quiet);
}
</style>
