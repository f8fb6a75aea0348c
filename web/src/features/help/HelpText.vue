<script setup lang="ts">
import type { Told } from './asked';
import { say, within } from '../../words/say';

/** What something is: its name, a sentence, what does it, and where more is told. */
defineProps<{ told: Told }>();
defineEmits<{ word: [id: string] }>();
/** So many triggers are named; Keys has the others. */
const MOST = 3;
</script>

<template>
  <p class="head">
    <strong>{{ told.name }}</strong>
    <kbd v-for="t in told.triggers.slice(0, MOST)" :key="t">{{ t }}</kbd>
    <span v-if="told.triggers.length > MOST" class="more">{{
      say('help-text.and-more', told.triggers.length - MOST)
    }}</span>
  </p>
  <p class="says">{{ told.says }}</p>
  <p v-if="told.note" class="note">{{ told.note }}</p>
  <button v-if="told.term" class="plain word" @click="$emit('word', told.term.id)">
    {{ say('help-text.what-is', within(told.term.name)) }}
  </button>
</template>

<style scoped>
p {
  margin: 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 8px;
}
.says {
  margin-top: 3px;
}
.note,
.more {
  color: var(--quiet);
}
.word {
  margin: 4px 0 -2px -6px;
  min-height: 24px;
  color: var(--accent);
}
</style>
