<script setup lang="ts">
import { useGuide } from './useGuide';
import { say } from '../../words/say';

defineProps<{ page: string }>();
const open = useGuide();
</script>

<template>
  <button class="plain" data-help="guide" :data-guide="page" @click="open(page)">
    {{ say('guide-button.guide') }}
  </button>
</template>
