<script setup lang="ts">
import { missing } from '../../shared/parts';
import { say } from '../../words/say';

/** Says that a part of the program could not be fetched. What is on the page stays as it is. */
function again() {
  const ask = missing.value;
  missing.value = null;
  ask?.();
}
</script>

<template>
  <p v-if="missing" class="missing clipped" role="alert" data-missing>
    {{ say('parts.could-not-be-fetched') }}
    <button class="plain" @click="again">{{ say('scenes-list.try-again') }}</button>
    <button class="plain" @click="missing = null">{{ say('scenes-list.dismiss') }}</button>
  </p>
</template>

<style scoped>
.missing {
  position: fixed;
  z-index: 3000;
  left: 50%;
  bottom: 48px;
  translate: -50% 0;
  width: max-content;
  max-width: min(640px, calc(100vw - 32px));
  padding: 10px 18px;
  background: var(--raised);
  border-left: 3px solid var(--caution);
}
button {
  color: var(--accent);
}
</style>
