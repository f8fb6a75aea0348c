<script setup lang="ts">
import GuideElsewhere from './guide/GuideElsewhere.vue';
</script>

<template>
  <GuideElsewhere><RouterView /></GuideElsewhere>
</template>
