<script setup lang="ts">
import type { ViewSource } from '../../core';

/** One of several choices in words, side by side; what is in the slot follows them. */
defineProps<{ choices: ViewSource[]; label: string; part?: string }>();
defineEmits<{ choose: [c: ViewSource] }>();
</script>

<template>
  <div class="choices" role="radiogroup" :aria-label="label">
    <button
      v-for="c in choices"
      :key="c.id"
      class="word"
      role="radio"
      :aria-checked="c.on"
      :data-command="c.command"
      :data-part="part"
      :data-choice="c.id"
      @click="$emit('choose', c)"
    >
      <span class="lozenge" :class="{ on: c.on }" />{{ c.label }}
    </button>
    <slot />
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 13px;
}
</style>
<style>
.chooser .word {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 24px;
  padding: 0 2px;
  border: 0;
  background: none;
  font-size: 12.5px;
  cursor: pointer;
}
.chooser .word:disabled {
  color: var(--quiet);
  cursor: default;
}
.chooser .word:hover:not(:disabled),
.chooser .word[aria-checked='true'] {
  color: var(--accent);
}
</style>
