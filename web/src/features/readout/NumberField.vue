<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import type { ReadoutField } from '../../core';
import { useRun } from '../../stage/open/run';

const props = defineProps<{ field: ReadoutField; name: string }>();
const run = useRun();
/** What some numbers are; the others are numbers. */
const HELP: Record<string, string> = {
  x: 'field-eye',
  y: 'field-eye',
  z: 'field-eye',
  focus: 'field-focus',
  fov: 'field-lens',
  focal: 'field-focal',
  extent: 'field-extent',
  roll: 'field-roll',
};
/** What a command needs to be told of what the number is of. */
const told = () => (props.field.of ? { of: props.field.of } : {});
/** Three in a row are shortened until one looks into them. */
const shown = () => (looking.value ? props.field.text : (props.field.brief ?? props.field.text));
const looking = ref(false);
/** Whether something was typed that the core has not heard of; until then the field follows the core. */
const typed = ref(false);
const text = ref(shown());
watch(
  () => [props.field.text, props.field.brief],
  () => {
    if (!typed.value) text.value = shown();
  },
);

async function look(e: Event) {
  looking.value = true;
  text.value = shown();
  await nextTick();
  (e.target as HTMLInputElement).select();
}

function done() {
  if (!typed.value) return;
  typed.value = false;
  run(props.field.command, { ...told(), [props.field.key]: text.value });
  // What could not be read is as it was; what was read comes back with the next picture.
  text.value = shown();
}

/** Arrow keys step the number; how far is the core's to say. */
function step(e: KeyboardEvent, steps: number) {
  done();
  run(props.field.command, { ...told(), [props.field.key]: { steps, shift: e.shiftKey, alt: e.altKey } });
}

function leave() {
  done();
  looking.value = false;
  text.value = shown();
}

function cancel(e: Event) {
  typed.value = false;
  (e.target as HTMLInputElement).blur();
}
</script>

<template>
  <label class="field" :class="field.axis">
    <span v-if="field.axis" class="axis">{{ field.axis.toUpperCase() }}</span>
    <input
      v-model="text"
      class="numbers"
      spellcheck="false"
      autocomplete="off"
      :aria-label="name"
      :data-help="field.command === 'view.set' ? (HELP[field.key] ?? 'field') : undefined"
      :data-command="field.command"
      :data-note="`${name}: ${field.text}`"
      :data-field="`${field.command}/${field.key}`"
      @focus="look"
      @input="typed = true"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
      @keydown.up.prevent="step($event, 1)"
      @keydown.down.prevent="step($event, -1)"
      @keydown.esc="cancel"
      @blur="leave"
    />
  </label>
</template>

<style scoped>
.field {
  display: flex;
  align-items: center;
  min-width: 0;
  flex: 1;
  border-bottom: 1px solid var(--line);
}
.field:focus-within {
  border-color: var(--accent);
}
.axis {
  font-weight: 700;
  font-size: 10.5px;
  padding-right: 2px;
}
.x .axis {
  color: var(--x);
}
.y .axis {
  color: var(--y);
}
.z .axis {
  color: var(--z);
}
input {
  width: 100%;
  min-width: 0;
  border: 0;
  padding: 3px 0;
  min-height: 24px;
  background: none;
  color: var(--text);
  font-size: 11px;
  outline: none;
}
</style>
