<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import type { Field } from '../../core';
import { useRun } from '../../stage/run';

const props = defineProps<{ field: Field; name: string }>();
const run = useRun();
/** Three in a row are shortened until one looks into them. */
const rest = () => props.field.short ?? props.field.text;
const text = ref(rest());
const editing = ref(false);
watch(
  () => props.field.text,
  () => {
    if (!editing.value) text.value = rest();
  },
);

async function look(e: Event) {
  editing.value = true;
  text.value = props.field.text;
  await nextTick();
  (e.target as HTMLInputElement).select();
}

function done(e: Event) {
  editing.value = false;
  if (text.value.trim() !== props.field.text) run(props.field.command, { [props.field.key]: text.value });
  // Whatever the core made of it: what could not be read is as it was.
  text.value = rest();
  if (e.type === 'keydown') void look(e);
}

function cancel(e: Event) {
  text.value = rest();
  editing.value = false;
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
      :title="field.text"
      :data-field="`${field.command}/${field.key}`"
      @focus="look"
      @keydown.enter="done"
      @keydown.esc="cancel"
      @blur="editing && done($event)"
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
  padding-right: 4px;
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
  padding: 2px 0;
  background: none;
  color: var(--text);
  font-size: 11.5px;
  outline: none;
}
</style>
