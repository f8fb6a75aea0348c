<script setup lang="ts">
import { useGuide } from './useGuide';

defineProps<{ page: string }>();
const open = useGuide();
</script>

<template>
  <button class="plain" data-help="guide" :data-guide="page" @click="open(page)">Guide</button>
</template>
