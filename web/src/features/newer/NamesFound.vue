<script setup lang="ts">
import { computed } from 'vue';
import { say } from '../../words/say';

/** Names of objects, of very many the first ones. */
const props = defineProps<{ title: string; names: readonly string[] }>();
const MOST = 40;
const first = computed(() => props.names.slice(0, MOST));
</script>

<template>
  <div>
    <p class="heading">{{ title }} · {{ names.length }}</p>
    <!-- What can be scrolled can be reached by keyboard. -->
    <p class="names" tabindex="0" role="group" :aria-label="title">
      <span v-for="(n, i) in first" :key="i">{{ n }}</span>
      <span v-if="names.length > MOST" class="quiet">{{ say('names-found.and-more', names.length - MOST) }}</span>
    </p>
  </div>
</template>

<style scoped>
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  max-height: 120px;
  overflow: auto;
  padding-top: 6px;
}
.names span {
  overflow-wrap: anywhere;
}
.quiet {
  color: var(--quiet);
}
</style>
