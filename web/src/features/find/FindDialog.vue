<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useCore, type FoundCommand, type Plain } from '../../core';
import { useRun } from '../../stage/open/run';
import { toStage } from '../../shared/focus/toStage';
import { useStage } from '../../stage/open/store';
import FoundRow from './FoundRow.vue';
import GuidedDialog from '../../shared/dialogs/GuidedDialog.vue';
import { say } from '../../words/say';

/** Every command by its words, for the keyboard alone: type, go up and down, Enter runs. */
const shown = defineModel<boolean>({ required: true });
/** As many rows are drawn at once; more come by typing. */
const MOST = 60;
const core = useCore();
const run = useRun();
const store = useStage();
const typed = ref('');
const at = ref(0);
const asking = ref<FoundCommand | null>(null);
const answers = ref<Record<string, string>>({});
const input = ref<HTMLInputElement>();
const list = ref<HTMLElement>();
const first = ref<HTMLInputElement[]>();
const found = computed(() => (shown.value ? core.stage.search.find(typed.value).slice(0, MOST) : []));
const chosen = computed(() => found.value[at.value]);

watch(typed, () => (at.value = 0));
watch(shown, (on) => {
  if (!on) return;
  typed.value = '';
  at.value = 0;
  asking.value = null;
});

async function move(by: number) {
  const n = found.value.length;
  if (n) at.value = (at.value + by + n) % n;
  await nextTick();
  list.value?.querySelector('[aria-selected=true]')?.scrollIntoView({ block: 'nearest' });
}

async function choose(f: FoundCommand | undefined) {
  if (!f) return;
  if (!f.runs) {
    store.tell({
      text: f.trigger
        ? say('find-dialog.done-by', f.words, f.trigger)
        : say('find-dialog.has-no-trigger-give-it-one', f.words),
    });
    close();
  } else if (f.ask.length) {
    answers.value = {};
    asking.value = f;
    await nextTick();
    first.value?.[0]?.focus();
  } else go(f, {});
}

function go(f: FoundCommand, more: Plain) {
  close();
  core.stage.search.ran(f.key);
  run(f.command, { ...f.args, ...more });
}

function answered() {
  const f = asking.value;
  const told = Object.fromEntries(Object.entries(answers.value).filter(([, v]) => v.trim() !== ''));
  if (f) go(f, told);
}

function close() {
  shown.value = false;
  // What was run is about the viewports: the next key is theirs.
  window.setTimeout(toStage, 0);
}

async function back() {
  asking.value = null;
  await nextTick();
  input.value?.focus();
}
</script>

<template>
  <GuidedDialog
    v-model="shown"
    :title="say('find-dialog.find-a-command')"
    guide="find"
    width="min(860px, 96vw)"
    top="10vh"
    :close-on-press-escape="!asking"
  >
    <div data-palette>
      <form v-if="asking" @submit.prevent="answered" @keydown.esc.stop="back">
        <h3 class="heading">{{ asking.words }}</h3>
        <label v-for="(a, k) in asking.ask" :key="a.id" class="ask">
          <span>{{ a.label }}</span>
          <input
            ref="first"
            v-model="answers[a.id]"
            :data-first-field="k ? undefined : ''"
            class="box"
            :name="a.id"
            spellcheck="false"
            autocomplete="off"
          />
        </label>
        <div class="end">
          <el-button @click="back">{{ say('find-dialog.back') }}</el-button>
          <el-button type="primary" native-type="submit">{{ say('find-dialog.run') }}</el-button>
        </div>
      </form>
      <template v-else>
        <input
          ref="input"
          v-model="typed"
          data-first-field
          class="box"
          role="combobox"
          :aria-label="say('find-dialog.words-of-a-command')"
          aria-expanded="true"
          aria-controls="found-commands"
          :aria-activedescendant="chosen ? `found-${at}` : undefined"
          :placeholder="say('find-dialog.type-what-you-want-to-do')"
          spellcheck="false"
          autocomplete="off"
          @keydown.down.prevent="move(1)"
          @keydown.up.prevent="move(-1)"
          @keydown.enter.prevent="choose(chosen)"
        />
        <ul id="found-commands" ref="list" role="listbox" :aria-label="say('find-dialog.commands')">
          <FoundRow
            v-for="(f, k) in found"
            :id="`found-${k}`"
            :key="f.key"
            :found="f"
            :on="k === at"
            @mousemove="at = k"
            @click="choose(f)"
          />
        </ul>
        <p v-if="!found.length" class="quiet" role="status">{{ say('find-dialog.no-command-is-called-that-try') }}</p>
      </template>
    </div>
  </GuidedDialog>
</template>

<style scoped>
.box {
  width: 100%;
  box-sizing: border-box;
  background: var(--raised);
  color: var(--text);
  border: 0;
  border-bottom: 2px solid var(--accent);
  padding: 9px 12px;
  font: inherit;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  max-height: 56vh;
  overflow: auto;
}
p {
  margin: 14px 4px 0;
}
.ask {
  display: grid;
  grid-template-columns: 140px 1fr;
  align-items: center;
  gap: 10px;
  margin-bottom: 6px;
}
.ask span {
  color: var(--quiet);
}
.end {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
  margin-top: 14px;
}
</style>
