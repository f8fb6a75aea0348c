<script setup lang="ts">
import type { Field } from '../../core';
import NumberField from './NumberField.vue';

defineProps<{ label: string; fields: Field[] }>();
</script>

<template>
  <div class="row">
    <span class="label">{{ label }}</span>
    <div class="fields">
      <NumberField v-for="f in fields" :key="f.key" :field="f" :name="`${label} ${f.axis ?? ''}`.trim()" />
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 48px 1fr;
  gap: 6px;
  align-items: baseline;
  margin-bottom: 3px;
}
.label {
  color: var(--quiet);
}
.fields {
  display: flex;
  gap: 4px;
  min-width: 0;
}
</style>
