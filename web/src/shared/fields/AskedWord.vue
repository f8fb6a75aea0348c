<script setup lang="ts">
/** What came of a form, told to eyes and to screen readers. */
defineProps<{ wrong: string; done: string }>();
</script>

<template>
  <p v-if="wrong" class="said" role="alert">{{ wrong }}</p>
  <p v-else class="said" role="status">{{ done }}</p>
</template>

<style scoped>
.said {
  min-height: 1.5em;
  margin-bottom: 8px;
}
.said[role='alert'] {
  color: var(--error);
}
</style>
