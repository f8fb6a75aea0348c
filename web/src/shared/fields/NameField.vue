<script setup lang="ts">
import { ref } from 'vue';
import { intoField } from '../focus/typeAhead';
import { say } from '../../words/say';

/** A name that is being typed: how long it may be is told when that is reached. */
const text = defineModel<string>({ required: true });
defineProps<{ most: number; label: string }>();
const emit = defineEmits<{ done: []; given: [] }>();
const field = ref<HTMLInputElement>();
defineExpose({ select });

/** All of it is selected, and what was typed on the way here takes its place. */
function select() {
  field.value?.select();
  if (field.value) intoField(field.value);
}
</script>

<template>
  <span class="named">
    <input
      ref="field"
      v-model="text"
      :maxlength="most"
      :aria-label="label"
      spellcheck="false"
      @click.stop
      @pointerdown.stop
      @keydown.enter.stop="emit('done')"
      @keydown.esc.stop="emit('given')"
      @keydown.stop
      @blur="emit('done')"
    />
    <span class="limit" role="status">{{ text.length >= most ? say('name-field.letters-at-most', most) : '' }}</span>
  </span>
</template>

<style scoped>
.named {
  position: relative;
  flex: 1;
  min-width: 0;
  display: flex;
}
input {
  width: 100%;
  min-width: 0;
  font-size: 13px;
  padding: 2px 6px;
  color: var(--text);
  background: var(--panel);
  border: 1px solid var(--accent);
}
.limit {
  position: absolute;
  left: 0;
  top: 100%;
  z-index: 5;
  padding: 1px 6px;
  font-size: 11.5px;
  white-space: nowrap;
  background: var(--raised);
  color: var(--caution);
}
.limit:empty {
  display: none;
}
</style>
