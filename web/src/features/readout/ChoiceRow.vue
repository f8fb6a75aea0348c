<script setup lang="ts">
import { chosen } from '../../shared/fields/pick';

/** A label with a list to choose one of; what is chosen goes to a command. */
defineProps<{
  label: string;
  options: readonly { id: string; label: string }[];
  value: string | undefined;
  command: string;
  choice?: string;
}>();
defineEmits<{ choose: [id: string] }>();
</script>

<template>
  <label class="choice">
    <span>{{ label }}</span>
    <select :value="value" :data-command="command" :data-choice="choice" @change="$emit('choose', chosen($event))">
      <option v-for="o in options" :key="o.id" :value="o.id" :disabled="!o.id">{{ o.label }}</option>
    </select>
  </label>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: 76px 1fr;
  align-items: center;
  margin-bottom: 3px;
}
span {
  color: var(--quiet);
}
select {
  min-width: 0;
  background: var(--panel);
  color: var(--text);
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 2px 0;
  font: inherit;
}
</style>
