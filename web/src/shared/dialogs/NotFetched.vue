<script setup lang="ts">
import { say } from '../../words/say';

/** Stands in the place of what could not be fetched, and says why. */
defineProps<{ wrong: string }>();
defineEmits<{ again: [] }>();
</script>

<template>
  <p class="wrong" role="alert">
    {{ wrong }} <button class="plain" @click="$emit('again')">{{ say('scenes-list.try-again') }}</button>
  </p>
</template>

<style scoped>
.wrong {
  color: var(--caution);
}
button {
  color: var(--accent);
}
</style>
