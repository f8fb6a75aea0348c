<script lang="ts">
/** How the page shows the keymap, or what the hand did with it. */
export type Way = 'list' | 'picture' | 'report';
</script>

<script setup lang="ts">
import { say } from '../../words/say';

const as = defineModel<Way>({ required: true });
const WAYS: { id: Way; words: string }[] = [
  { id: 'list', words: say('keys-ways.list') },
  { id: 'picture', words: say('keys-ways.picture') },
  { id: 'report', words: say('keys-ways.hand-report') },
];
</script>

<template>
  <div class="ways" role="group" :aria-label="say('keys-ways.shown-as')">
    <button v-for="w in WAYS" :key="w.id" :aria-pressed="as === w.id" :data-as="w.id" @click="as = w.id">
      {{ w.words }}
    </button>
  </div>
</template>
