<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useCore, type KeyBinding } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { useStage } from '../../stage/open/store';
import KeymapPanel from './KeymapPanel.vue';
import KeysAnswer from './KeysAnswer.vue';
import KeysRows from './KeysRows.vue';
import KeysWays, { type Way } from './KeysWays.vue';
import LookByDoing from './LookByDoing.vue';
import PictureView from './PictureView.vue';
import RebindPanel from './RebindPanel.vue';
import ReportView from './ReportView.vue';
import TeachPanel from './TeachPanel.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** All commands with their triggers, a row each; looked for by words, by trigger, by doing, and by where they hold. */
const core = useCore();
const run = useRun();
const store = useStage();
const props = defineProps<{ open: OpenScene }>();
const shown = defineModel<boolean>({ required: true });
const version = ref(0);
const search = ref('');
const device = ref('');
const place = ref('');
/** Empty for all, what the user changed, or the preset that is compared with. */
const MINE = 'mine';
const differing = ref('');
const doing = ref(false);
const changing = ref<KeyBinding | null>(null);
/** Whether the trigger that is looked for is offered to what is being changed. */
const offering = ref(false);
const as = ref<Way>('list');
const teaching = ref(false);
const list = ref<HTMLElement>();
const page = computed(() => {
  void version.value;
  void store.keymapVersion;
  const wish = {
    search: search.value,
    device: device.value,
    place: place.value,
    changed: differing.value === MINE,
    compare: differing.value,
  };
  return shown.value ? core.stage.keys.page(wish) : null;
});

function changed() {
  version.value++;
  props.open.keepKeymap();
}

function act(what: () => void) {
  what();
  changed();
}

function take(id: string, which = 0, offered = false) {
  offering.value = offered;
  changing.value = core.stage.keys.take(id, which);
}

function tried() {
  teaching.value = false;
  shown.value = false;
  props.open.wake();
}

/** The bench stands below the viewports: this page makes room for it. */
function bench() {
  shown.value = false;
  run('app.bench', { on: true });
}

function done() {
  doing.value = false;
  version.value++;
}

function forget() {
  core.stage.bindings.forget();
  version.value++;
}

function goTo(group: string) {
  list.value?.querySelector(`[data-group="${CSS.escape(group)}"]`)?.scrollIntoView({ block: 'start' });
}

watch(shown, (on) => {
  if (on) return;
  changing.value = null;
  doing.value = false;
  teaching.value = false;
  core.stage.bindings.forget();
});
</script>

<template>
  <GuidedDialog
    v-model="shown"
    :title="say('keys-dialog.keys')"
    guide="keys"
    fullscreen
    :close-on-press-escape="!changing && !doing && !teaching"
  >
    <div class="keys" data-keys>
      <RebindPanel
        v-if="changing"
        :binding="changing"
        :offered="offering"
        @done="((changing = null), changed())"
        @cancel="changing = null"
      />
      <TeachPanel v-else-if="teaching" @tried="tried" @cancel="teaching = false" />
      <template v-else-if="page">
        <div class="head">
          <KeysWays v-model="as" @update:model-value="forget()" />
          <template v-if="as === 'list'">
            <el-input
              v-model="search"
              data-first-field
              :placeholder="say('keys-dialog.search-by-words-or-trigger')"
              :aria-label="say('keys-dialog.search-keys')"
              clearable
            />
            <el-button data-by-doing :disabled="doing" @click="doing = true">
              {{ say('keys-dialog.by-doing-it') }}
            </el-button>
            <select v-model="device" class="filter" :aria-label="say('keys-dialog.device')" data-filter="device">
              <option value="">{{ say('keys-dialog.all-devices') }}</option>
              <option v-for="d in page.devices" :key="d.id" :value="d.id">{{ d.label }}</option>
            </select>
            <select v-model="place" class="filter" :aria-label="say('keys-dialog.where-it-holds')" data-filter="place">
              <option value="">{{ say('keys-dialog.everywhere-it-holds') }}</option>
              <option v-for="p in page.places" :key="p.id" :value="p.id">{{ p.label }}</option>
            </select>
            <select
              v-model="differing"
              class="filter"
              :aria-label="say('keys-dialog.what-differs')"
              data-filter="differing"
            >
              <option value="">{{ say('keys-dialog.changed-or-not') }}</option>
              <option :value="MINE">{{ say('keys-dialog.changed-by-me') }}</option>
              <optgroup :label="say('keys-dialog.compared-with-a-preset')">
                <option v-for="p in page.presets" :key="p.id" :value="p.id">
                  {{ say('keys-dialog.unlike', p.label) }}
                </option>
              </optgroup>
            </select>
          </template>
          <span class="space" />
          <el-button :disabled="!page.canUndo" @click="act(() => core.stage.keymaps.undo())">
            {{ say('keys-dialog.undo-change') }}
          </el-button>
          <el-button :disabled="!page.canRedo" @click="act(() => core.stage.keymaps.redo())">
            {{ say('keys-dialog.redo') }}
          </el-button>
        </div>
        <p v-if="page.lettersOff" class="quiet off">
          {{
            say(
              'keys-dialog.single-character-shortcuts-are-switched-off',
              page.find ? `; ${say('keys-dialog.finds-every-command', page.find)}` : '',
            )
          }}
        </p>
        <LookByDoing v-if="doing" @done="done" @cancel="doing = false" />
        <KeysAnswer v-if="page.done && as === 'list'" :page="page" @forget="forget" />
        <p v-if="page.missing.length" class="missing" role="alert">
          {{ say('keys-dialog.no-trigger-reaches', page.missing.join(', ')) }}
        </p>
        <div class="body">
          <nav :aria-label="say('keys-dialog.areas')">
            <KeymapPanel :page="page" @changed="changed" @teach="teaching = true" @bench="bench" />
            <button v-for="g in as === 'list' ? page.groups : []" :key="g" class="plain" @click="goTo(g)">
              {{ g }}
            </button>
          </nav>
          <ReportView v-if="as === 'report'" :open="open" />
          <PictureView
            v-else-if="as === 'picture'"
            :page="page"
            :version="version"
            @looked="version++"
            @change="take"
            @give="(command, which) => take(command, which, true)"
          />
          <div v-else ref="list" class="list" tabindex="0" role="region" :aria-label="say('keys-dialog.all-keys')">
            <KeysRows
              :page="page"
              :beside="page.presets.find((p) => p.id === differing)?.label"
              @change="take"
              @reset="(id) => act(() => core.stage.keymaps.reset(id))"
              @reset-group="(g) => act(() => core.stage.keymaps.resetGroup(g))"
            />
          </div>
        </div>
      </template>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.keys {
  display: flex;
  flex-direction: column;
  height: calc(100vh - 86px);
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  margin-bottom: 12px;
}
.head :deep(.el-input) {
  width: 230px;
}
.head :deep(.el-button) {
  margin: 0;
}
.filter {
  background: var(--panel);
  color: var(--text);
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 5px 0;
  font: inherit;
}
.space {
  flex: 1;
}
.off {
  margin: -4px 0 10px;
}
.missing {
  color: var(--caution);
  margin: 0 0 10px;
}
.body {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 196px 1fr;
  gap: 22px;
}
nav {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 1px;
  overflow: auto;
}
nav > .plain {
  margin-left: -8px;
}
.list {
  overflow: hidden auto;
  padding-right: 12px;
}
</style>
