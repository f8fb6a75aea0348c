<script setup lang="ts">
import { say } from '../../words/say';
defineProps<{ link: string; label?: string }>();
defineEmits<{ close: [] }>();
</script>

<template>
  <div role="dialog" :aria-label="label ?? say('link-box.address-of-these-views')">
    <input
      :value="link"
      readonly
      :aria-label="say('link-box.address')"
      @focus="($event.target as HTMLInputElement).select()"
    />
    <el-button size="small" @click="$emit('close')">{{ say('link-box.close') }}</el-button>
  </div>
</template>

<style scoped>
input {
  width: 420px;
  font: 12px var(--numbers);
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--line);
  padding: 4px 8px;
}
</style>
