<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import AddMenu from '../features/add/AddMenu.vue';
import BoardTabs from '../features/boards/BoardTabs.vue';
import TopBar from '../shared/TopBar.vue';
import HistoryMenu from '../features/history/HistoryMenu.vue';
import { useNarrow } from '../shared/narrow';
import type { Plain } from '../core';
import CommandMenu from '../shared/menus/CommandMenu.vue';
import type { MenuItem } from '../shared/menus/item';
import type { Keeper } from '../stage/open/keeper';
import { useStage } from '../stage/open/store';
import { KEPT_WORDS } from '../stage/open/kept';
import type { OpenScene } from '../stage/open/openScene';
import { useRun } from '../stage/open/run';
import { say } from '../words/say';

const props = defineProps<{ open: OpenScene; shown: Record<string, boolean> }>();
defineEmits<{ toggle: [panel: string] }>();
const store = useStage();
const run = useRun();
/** Then the menu of help leads to keys and habits alone. */
const narrow = useNarrow();
const router = useRouter();
const history = ref<InstanceType<typeof HistoryMenu>>();
const adding = ref<InstanceType<typeof AddMenu>>();
const WORDS = {
  saved: say('stage-bar.saved'),
  saving: say('stage-bar.saving'),
  offline: say('stage-bar.offline-kept-here'),
  conflict: say('stage-bar.changed-in-another-window'),
  apart: say('stage-bar.not-saved-take-over'),
  'signed-out': say('stage-bar.signed-out-kept-here'),
  refused: say('stage-bar.not-saved-why'),
};
/** The same at length. */
const WHY: Partial<Record<keyof typeof WORDS, string>> = {
  offline: say('stage-bar.the-server-does-not-answer-what'),
  apart: say('stage-bar.another-window-with-this-scene-saves'),
};
const worst = computed(() => {
  const states = props.open.keepers.map((k) => k.state.value);
  return states.find((s) => s !== 'saved' && s !== 'saving') ?? states.find((s) => s === 'saving') ?? 'saved';
});
const undo = computed(() => store.readout.undo);
const redo = computed(() => store.readout.redo);

/** What the scene's name leads to. */
const FILE: MenuItem[] = [
  { label: say('stage-bar.save-as-a-file'), command: 'app.export', args: { what: 'scene' } },
  { label: say('stage-bar.save-the-selection'), command: 'app.export', args: { what: 'selection' } },
  { label: say('stage-bar.newer-file'), command: 'app.newer-file' },
  { label: say('stage-bar.cameras-as-csv'), command: 'app.export-cameras', args: { format: 'csv' }, apart: true },
  { label: say('stage-bar.cameras-as-json'), command: 'app.export-cameras', args: { format: 'json' } },
  { label: say('stage-bar.shot-list'), command: 'app.shots', apart: true },
  { label: say('stage-bar.snapshot'), command: 'app.snapshot' },
  { label: say('stage-bar.versions'), command: 'app.versions' },
];

/** What helps whoever is new here. */
const HELP: MenuItem[] = [
  { label: say('stage-bar.what-is-this'), command: 'app.what' },
  { label: say('stage-bar.guide'), command: 'app.guide' },
  { label: say('stage-bar.glossary'), command: 'app.glossary' },
  { label: say('stage-bar.drills'), command: 'app.drills' },
  { label: say('stage-bar.all-keys'), command: 'app.keys' },
  { label: say('stage-bar.habits'), command: 'app.habits' },
  { label: say('stage-bar.find-a-command'), command: 'app.find' },
  { label: say('stage-bar.first-steps-once-more'), command: 'app.steps-again', apart: true },
  { label: say('stage-bar.tips-once-more'), command: 'app.tips-again' },
];

function refused(keeper: Keeper, what: string) {
  store.tell({ text: say('stage-bar.the-server-does-not-save-what', what, keeper.why.value) });
}

props.open.keepers.forEach((k, i) =>
  watch(k.state, (s) => {
    if (s === 'refused') refused(k, KEPT_WORDS[i]!);
  }),
);

function again() {
  const keepers = props.open.keepers;
  if (worst.value === 'signed-out')
    void router.push({ path: '/sign-in', query: { to: router.currentRoute.value.fullPath } });
  else if (worst.value === 'apart') void props.open.saving.takeOver();
  else
    keepers.forEach((k, i) => {
      if (k.state.value === 'refused') refused(k, KEPT_WORDS[i]!);
      else void k.save();
    });
}

defineExpose({ history: () => history.value?.open(), add: (at: Plain) => adding.value?.open(at) });
</script>

<template>
  <TopBar>
    <h1 class="name">
      <CommandMenu :items="FILE" placement="top-start" @choose="run($event.command, $event.args)">
        <button class="plain" data-help="scene-menu" :data-note="open.detail.value?.name" data-scene-menu>
          <span class="text">{{ open.detail.value?.name ?? say('stage-bar.scene') }}</span>
          <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-4-2 0 2 4-2" /></svg>
        </button>
      </CommandMenu>
    </h1>
    <button
      v-if="(open.ready.value || worst === 'apart') && worst !== 'saved' && worst !== 'saving'"
      class="plain state bad"
      data-help="save-state"
      :data-note="WHY[worst]"
      data-save-state
      @click="again"
    >
      {{ WORDS[worst] }}
    </button>
    <span
      v-else
      class="state"
      :class="{ 'hidden-words': narrow }"
      data-help="save-state"
      data-save-state
      role="status"
      >{{ open.ready.value ? WORDS[worst] : '' }}</span
    >
    <BoardTabs />
    <template #right>
      <button
        class="plain"
        data-command="edit.undo"
        :disabled="!undo"
        :data-note="undo ? say('stage-bar.undo', undo) : say('stage-bar.nothing-to-undo')"
        :aria-label="say('stage-bar.undo-2')"
        @click="run('edit.undo')"
      >
        <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-6-2H3A4 4 0 0 1 3 6H-3M-6-2l4-4M-6-2l4 4" /></svg>
      </button>
      <button
        class="plain"
        data-command="edit.redo"
        :disabled="!redo"
        :data-note="redo ? say('stage-bar.redo', redo) : say('stage-bar.nothing-to-redo')"
        :aria-label="say('stage-bar.redo-2')"
        @click="run('edit.redo')"
      >
        <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M6-2H-3A4 4 0 0 0 -3 6H3M6-2l-4-4M6-2l-4 4" /></svg>
      </button>
      <HistoryMenu ref="history" />
      <AddMenu ref="adding" />
      <span class="rule" />
      <button class="plain" :aria-pressed="shown.scene" data-help="drawer-scene" @click="$emit('toggle', 'scene')">
        {{ say('stage-bar.scene') }}
      </button>
      <button
        class="plain"
        :aria-pressed="shown.readout"
        data-help="drawer-readout"
        @click="$emit('toggle', 'readout')"
      >
        {{ say('stage-bar.readout') }}
      </button>
      <template v-if="!narrow">
        <button class="plain" data-command="app.keys" @click="run('app.keys')">{{ say('stage-bar.keys') }}</button>
        <button class="plain" data-command="app.habits" @click="run('app.habits')">
          {{ say('stage-bar.habits') }}
        </button>
      </template>
      <CommandMenu :items="HELP" @choose="run($event.command, $event.args)">
        <button class="plain" data-help="help-menu" data-help-menu>{{ say('stage-bar.help') }}</button>
      </CommandMenu>
    </template>
  </TopBar>
</template>

<style scoped>
.plain svg {
  display: block;
  width: 16px;
  height: 16px;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
}
.name {
  flex-shrink: 0;
}
.name .plain {
  display: flex;
  align-items: center;
  gap: 4px;
  font: inherit;
}
.name svg {
  width: 12px;
  height: 12px;
}
.name .text {
  display: block;
  max-width: 190px;
  font-weight: inherit;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 719px) {
  .name .text {
    max-width: 96px;
  }
}
.state {
  color: var(--quiet);
  white-space: nowrap;
}
.state.bad {
  color: var(--caution);
}
.rule {
  width: 1px;
  height: 16px;
  background: var(--line);
}
[aria-pressed='false'] {
  color: var(--quiet);
}
</style>
