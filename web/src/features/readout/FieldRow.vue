<script setup lang="ts">
import type { ReadoutField } from '../../core';
import NumberField from './NumberField.vue';
import { nameOf } from './rows';

defineProps<{ label: string; fields: ReadoutField[] }>();
</script>

<template>
  <div class="row" :class="{ three: fields.length > 2 }">
    <span class="label">{{ label }}</span>
    <div class="fields">
      <NumberField v-for="f in fields" :key="f.key" :field="f" :name="nameOf({ label, fields }, f)" />
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  /* Labels are under each other, and a longer one has the room it takes. */
  grid-template-columns: minmax(48px, auto) 1fr;
  gap: 6px;
  align-items: baseline;
  margin-bottom: 3px;
}
/* Six digits with a sign must fit beside each of three letters. */
.three {
  grid-template-columns: minmax(36px, auto) 1fr;
  gap: 4px;
}
.label {
  color: var(--quiet);
}
.fields {
  display: flex;
  gap: 3px;
  min-width: 0;
}
</style>
