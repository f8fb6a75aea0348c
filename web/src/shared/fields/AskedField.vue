<script setup lang="ts">
import type { FormItemInstance, FormItemRule } from 'element-plus';
import { computed, ref } from 'vue';
import { say } from '../../words/say';

/** A field of a form that must not be empty. */
const props = defineProps<{
  id: string;
  /** Its name in what the form holds. */
  prop: string;
  label: string;
  /** What browsers fill in; it also says whether it is a password. */
  autocomplete: 'username' | 'current-password' | 'new-password';
  most?: number;
  autofocus?: boolean;
}>();
const text = defineModel<string>({ required: true });
const item = ref<FormItemInstance>();
const secret = computed(() => props.autocomplete !== 'username');
const rules = computed<FormItemRule[]>(() => [
  { required: true, whitespace: !secret.value, message: say('asked-field.fill-this-in'), trigger: [] },
]);
</script>

<template>
  <el-form-item ref="item" :label="label" :prop="prop" :rules="rules">
    <el-input
      :id="id"
      v-model="text"
      :type="secret ? 'password' : 'text'"
      :show-password="secret"
      :autocomplete="autocomplete"
      :maxlength="most"
      :autofocus="autofocus"
      @input="item?.clearValidate()"
    />
  </el-form-item>
</template>
