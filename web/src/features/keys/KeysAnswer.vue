<script setup lang="ts">
import type { KeysPage } from '../../core';
import { say } from '../../words/say';

/** What something that the hand did does, place by place. */
defineProps<{ page: KeysPage }>();
const emit = defineEmits<{ forget: [] }>();
</script>

<template>
  <div class="answer" role="status" data-answer>
    <p>
      <kbd>{{ page.done }}</kbd>
      <span v-if="!page.answers.length"> {{ say('keys-answer.does-nothing-anywhere') }}</span>
      <button class="plain" @click="emit('forget')">{{ say('keys-answer.show-all-again') }}</button>
    </p>
    <dl v-if="page.answers.length">
      <template v-for="a in page.answers" :key="a.binding">
        <dt>{{ a.where }}</dt>
        <dd>{{ a.words }}</dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
.answer {
  margin-bottom: 12px;
}
.answer p {
  margin: 0 0 6px;
}
dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 3px 10px;
  margin: 0;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
}
</style>
