<script setup lang="ts">
import { nextTick, ref } from 'vue';
import { useCore, type Plain } from '../../core';
import type { PinRow } from '../../core';
import { saveAs, saveJson } from '../../shared/saveAs';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import { useTriggers } from '../../stage/open/triggers';
import { useDrag, viewportAt } from '../../stage/input/drag';
import { useStage } from '../../stage/open/store';
import NameField from '../../shared/fields/NameField.vue';
import PinMenu from './PinMenu.vue';
import { expectField } from '../../shared/focus/typeAhead';
import { say } from '../../words/say';

const core = useCore();
const props = defineProps<{ open: OpenScene }>();
const store = useStage();
const run = useRun();
const follow = useDrag();
const pinning = useTriggers('pin.add');
const naming = ref<string | null>(null);
const text = ref('');
const field = ref<InstanceType<typeof NameField>[]>();
const file = ref<HTMLInputElement>();

async function rename(p: PinRow) {
  expectField();
  naming.value = p.id;
  text.value = p.name;
  await nextTick();
  field.value?.[0]?.select();
}

function named(save: boolean) {
  if (save && naming.value && text.value.trim()) run('pin.rename', { pin: naming.value, name: text.value });
  naming.value = null;
}

async function copy(pin: PinRow) {
  const words = JSON.stringify(core.stage.documents.pin(pin.id), null, 2);
  await navigator.clipboard.writeText(words).then(
    () => store.tell({ text: say('pins-panel.is-in-the-clipboard-as-json', pin.name) }),
    () => saveAs(new Blob([words], { type: 'application/json' }), `${pin.name}.json`),
  );
}

/** A view goes to the viewport that its Pin is dropped on. */
function drag(e: PointerEvent, p: PinRow) {
  if (p.board) return;
  follow(e, {
    at: viewportAt(''),
    over: (v) => (store.target = v ?? null),
    drop: (v) => run('pin.go', { pin: p.id }, v),
  });
}

function choose(what: string, p: PinRow) {
  if (what.startsWith('in:')) {
    run('pin.go', { pin: p.id }, what.slice(3));
    return;
  }
  if (what === 'rename') void rename(p);
  else if (what === 'copy') void copy(p);
  else if (what === 'earlier' || what === 'later') run('pin.move', { pin: p.id, to: what });
  else run(what, { pin: p.id });
}

async function bring(e: Event) {
  const chosen = (e.target as HTMLInputElement).files?.[0];
  if (!chosen) return;
  let wrong: string | null;
  try {
    wrong = core.stage.documents.bringPins(JSON.parse(await chosen.text()) as Plain);
  } catch {
    wrong = say('pins-panel.it-is-no-json');
  }
  file.value!.value = '';
  if (wrong) store.tell({ text: say('pins-panel.holds-no-pins-that-can-be', chosen.name, wrong) });
  props.open.loop.wake();
}

function all(what: string) {
  if (what === 'export')
    saveJson(
      core.stage.documents.pins(),
      say('pins-panel.pins-json', props.open.detail.value?.name ?? say('pins-panel.scene')),
    );
  if (what === 'import') file.value?.click();
  if (what === 'board') run('pin.add', { board: true });
}
</script>

<template>
  <section class="pins" data-about="pins" data-pins :aria-label="say('pins-panel.pins')">
    <h2 class="part-title">
      {{ say('pins-panel.pins') }}
      <span class="tools">
        <button
          class="plain add"
          data-command="pin.add"
          :aria-label="say('pins-panel.pin-this-view')"
          @click="run('pin.add')"
        >
          +
        </button>
        <el-dropdown trigger="click" @command="all">
          <button class="plain" data-help="pins-menu" :aria-label="say('pins-panel.all-pins')">…</button>
          <template #dropdown>
            <el-dropdown-menu>
              <el-dropdown-item command="board">{{ say('pins-panel.pin-the-whole-board') }}</el-dropdown-item>
              <el-dropdown-item command="export" :disabled="!store.pins.length" divided>{{
                say('pins-panel.export-as-a-file')
              }}</el-dropdown-item>
              <el-dropdown-item command="import">{{ say('pins-panel.import-a-file') }}</el-dropdown-item>
            </el-dropdown-menu>
          </template>
        </el-dropdown>
      </span>
    </h2>
    <input ref="file" type="file" accept=".json,application/json" hidden data-pin-file @change="bring" />
    <p v-if="!store.pins.length" class="none">
      {{ say('pins-panel.a-pin-keeps-a-view-under') }}
      <span v-if="pinning.length"
        >{{ say('pins-panel.or') }} <kbd>{{ pinning[0] }}</kbd></span
      >
    </p>
    <ul v-else>
      <li v-for="(p, i) in store.pins" :key="p.id" :data-pin="p.id">
        <button
          class="go"
          data-command="pin.go"
          :data-note="
            p.board ? say('pins-panel.go-to', p.name) : say('pins-panel.go-to-in-the-active-viewport', p.name)
          "
          @click="run('pin.go', { pin: p.id })"
          @pointerdown="drag($event, p)"
        >
          <img v-if="p.picture" :src="p.picture" alt="" width="88" height="59" draggable="false" />
          <span v-else class="empty" />
          <span v-if="p.board" class="mark">{{ say('pins-panel.board') }}</span>
          <span v-if="naming !== p.id" class="name">{{ p.name }}</span>
        </button>
        <NameField
          v-if="naming === p.id"
          ref="field"
          v-model="text"
          :most="60"
          :label="say('pins-panel.new-name-of', p.name)"
          @done="named(true)"
          @given="named(false)"
        />
        <PinMenu
          v-else
          class="more"
          :pin="p"
          :first="i === 0"
          :last="i === store.pins.length - 1"
          @choose="choose($event, p)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.pins {
  display: flex;
  flex-direction: column;
  min-height: 0;
  max-height: 44%;
  margin-top: 10px;
}
h2 {
  padding: 0 8px 2px 14px;
  display: flex;
  align-items: center;
}
.tools {
  margin-left: auto;
  display: flex;
  align-items: center;
}
.add {
  font-size: 17px;
  line-height: 1;
}
.none {
  padding: 0 14px;
  color: var(--quiet);
  font-size: 12.5px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 10px 4px 14px;
  display: grid;
  grid-template-columns: 88px 88px;
  gap: 8px 10px;
  overflow: auto;
  scrollbar-width: thin;
}
li {
  position: relative;
  min-width: 0;
}
.go {
  display: block;
  width: 88px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.go img,
.empty {
  display: block;
  width: 88px;
  height: 59px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  clip-path: polygon(8px 0, 100% 0, 100% calc(100% - 8px), calc(100% - 8px) 100%, 0 100%, 0 8px);
}
.name {
  display: block;
  font-size: 12px;
  margin: 2px 22px 0 1px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.go:hover .name {
  color: var(--accent);
}
.mark {
  position: absolute;
  right: 0;
  top: 43px;
  padding: 0 6px 0 9px;
  font-size: 10.5px;
  line-height: 16px;
  background: var(--plate);
  color: var(--text);
  clip-path: polygon(6px 0, 100% 0, 100% 100%, 0 100%);
}
.more {
  position: absolute;
  right: -4px;
  bottom: -3px;
}
li input {
  width: 100%;
  font-size: 12px;
  padding: 1px 3px;
  margin-top: 1px;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--accent);
}
</style>
