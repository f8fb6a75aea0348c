<script setup lang="ts">
import { nextTick, ref, watch } from 'vue';
import type { HabitRow } from '../../core';
import { say } from '../../words/say';

/** The number of a habit, typed as its language writes numbers, or stepped. What is typed means what the core reads in it. */
const props = defineProps<{ habit: HabitRow; label: string }>();
const emit = defineEmits<{ set: [value: string | { steps: number; shift: boolean; alt: boolean }] }>();
const text = ref(props.habit.text);
const typed = ref(false);
const asIs = () => (text.value = props.habit.text);
watch(() => props.habit.text, asIs);

async function done() {
  if (!typed.value) return;
  typed.value = false;
  emit('set', text.value);
  // What could not be read is as it was.
  await nextTick();
  asIs();
}

async function step(e: KeyboardEvent | MouseEvent, steps: number) {
  await done();
  emit('set', { steps, shift: e.shiftKey, alt: e.altKey });
}

function cancel() {
  typed.value = false;
  asIs();
}
</script>

<template>
  <span class="box">
    <button
      class="plain"
      tabindex="-1"
      :aria-label="say('number-box.less', label)"
      :disabled="(habit.value as number) <= habit.least"
      @click="step($event, -1)"
    >
      −
    </button>
    <input
      v-model="text"
      class="numbers"
      role="spinbutton"
      inputmode="decimal"
      spellcheck="false"
      autocomplete="off"
      :aria-label="label"
      :aria-valuenow="habit.value as number"
      :aria-valuetext="habit.text"
      :aria-valuemin="habit.least"
      :aria-valuemax="habit.most"
      @input="typed = true"
      @keydown.enter="done"
      @keydown.up.prevent="step($event, 1)"
      @keydown.down.prevent="step($event, -1)"
      @keydown.esc="typed && ($event.stopPropagation(), cancel())"
      @blur="done"
    />
    <button
      class="plain"
      tabindex="-1"
      :aria-label="say('number-box.more', label)"
      :disabled="(habit.value as number) >= habit.most"
      @click="step($event, 1)"
    >
      +
    </button>
  </span>
</template>

<style scoped>
.box {
  display: grid;
  grid-template-columns: 26px 1fr 26px;
  width: 120px;
  border: 1px solid var(--line);
  background: var(--panel);
}
.box:focus-within {
  border-color: var(--accent);
}
input {
  min-width: 0;
  border: 0;
  padding: 0 2px;
  min-height: 24px;
  text-align: center;
  font-size: 12px;
  color: var(--text);
  background: none;
  outline: none;
}
button {
  padding: 0;
  color: var(--quiet);
}
</style>
