<script setup lang="ts">
import type { FormInstance } from 'element-plus';
import { ref } from 'vue';
import AskedWord from './AskedWord.vue';
import { useAsking } from './useAsking';

/** A form that sends something and tells in words what came of it. */
const props = defineProps<{
  /** What its fields hold. */
  model: Record<string, string>;
  /** Words of the button that sends it. */
  button: string;
  danger?: boolean;
  /** Sends it; says what is done, or nothing. */
  send: () => Promise<string>;
}>();
const form = ref<FormInstance>();
const { busy, wrong, done, ask } = useAsking();

/** The keyboard goes to the first field that has a mistake. */
function toMistake() {
  const field = form.value?.fields.find((f) => f.validateState === 'error')?.$el as HTMLElement | undefined;
  field?.querySelector('input')?.focus();
}

async function submit() {
  if (!(await form.value?.validate().catch(() => false))) return toMistake();
  await ask(props.send);
  // What was sent is empty again, which is no mistake.
  form.value?.clearValidate();
}
</script>

<template>
  <el-form ref="form" :model="model" label-position="top" hide-required-asterisk @submit.prevent="submit">
    <slot />
    <AskedWord :wrong="wrong" :done="done" />
    <slot name="buttons" />
    <el-button native-type="submit" :type="danger ? 'danger' : 'primary'" :loading="busy">{{ button }}</el-button>
  </el-form>
</template>
