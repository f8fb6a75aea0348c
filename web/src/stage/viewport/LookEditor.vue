<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { useCore, type ViewSource, type ViewportSummary } from '../../core';
import { useStage } from '../open/store';
import ChoiceWords from './ChoiceWords.vue';
import { say } from '../../words/say';

/** Changes a viewport's look part by part, keeps it under a name, and puts it on a digit. */
const props = defineProps<{ view: ViewportSummary; choose: (c: ViewSource, stay: boolean) => void }>();
defineEmits<{ back: [] }>();
const core = useCore();
const store = useStage();
const name = ref('');
const box = ref<HTMLElement>();
/** Counts what was changed here: a look that was changed again is called as before. */
const turn = ref(0);
const state = computed(() => {
  void [turn.value, store.keymapVersion, props.view.display];
  return core.stage.looks.of(props.view.id);
});
const digits = computed<ViewSource[]>(() =>
  ['none', '1', '2', '3', '4', '5', '6', '7', '8', '9'].map((digit) => ({
    id: digit,
    label: digit === 'none' ? say('look-editor.none') : digit,
    command: 'display.look-digit',
    args: { look: state.value?.id ?? '', digit },
    on: (state.value?.digit ?? 'none') === digit,
  })),
);

async function take(c: ViewSource) {
  props.choose(c, true);
  turn.value++;
  await nextTick();
  // What had the keyboard may be gone with what was chosen.
  if (!box.value?.contains(document.activeElement)) box.value?.querySelector('button')?.focus();
}

function run(command: string, args: ViewSource['args']) {
  void take({ id: command, label: '', command, args, on: false });
}

function keep() {
  run('display.keep-look', { name: name.value });
  name.value = '';
}
</script>

<template>
  <div v-if="state" ref="box" class="editor" data-look-editor>
    <div class="head">
      <button class="word" data-all-looks @click="$emit('back')">{{ say('look-editor.all-looks') }}</button>
      <strong>{{ state.label }}</strong>
    </div>
    <div v-for="p in state.parts" :key="p.id" class="part">
      <span class="name">{{ p.words }}</span>
      <ChoiceWords :choices="p.choices" :label="p.words" :part="p.id" @choose="take" />
    </div>
    <div class="part last">
      <label class="name" :for="`keep-${view.id}`">{{ say('look-editor.keep-as') }}</label>
      <span class="row">
        <input
          :id="`keep-${view.id}`"
          v-model="name"
          maxlength="40"
          spellcheck="false"
          :placeholder="state.own ?? say('look-editor.a-name-of-your-own')"
          data-look-name
          @keydown.enter="keep"
        />
        <button class="word" data-command="display.keep-look" :disabled="!name.trim()" @click="keep">
          {{ say('look-editor.keep') }}
        </button>
        <button
          v-if="state.own"
          class="word"
          data-command="display.remove-look"
          @click="run('display.remove-look', { look: state.id })"
        >
          {{ say('look-editor.remove', state.own) }}
        </button>
      </span>
    </div>
    <div v-if="state.named" class="part">
      <span class="name">{{ say('look-editor.digit') }}</span>
      <ChoiceWords :choices="digits" :label="say('look-editor.digit-that-chooses-it')" @choose="take" />
    </div>
    <p v-else class="hint">{{ say('look-editor.keep-it-under-a-name-to') }}</p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 5px;
}
.head {
  display: flex;
  align-items: center;
  gap: 14px;
  padding-bottom: 5px;
  border-bottom: 1px solid var(--line);
}
.part {
  display: grid;
  grid-template-columns: 104px 1fr;
  align-items: baseline;
}
.last {
  padding-top: 7px;
  border-top: 1px solid var(--line);
}
.name,
.hint {
  color: var(--quiet);
  font-size: 12.5px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 13px;
}
input {
  width: 168px;
  padding: 3px 7px;
  font-size: 12.5px;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
}
</style>
