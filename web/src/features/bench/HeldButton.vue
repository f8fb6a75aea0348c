<script setup lang="ts">
import { useControlKeys } from '../../stage/input/controlKeys';

/** A button of a simulated device: down as long as the pointer or a key holds it. */
const emit = defineEmits<{ hold: [on: boolean] }>();
const key = useControlKeys('button', (_, e) => {
  if (!e.repeat) emit('hold', e.type === 'keydown');
});
</script>

<template>
  <button
    class="plain"
    @pointerdown="emit('hold', true)"
    @pointerup="emit('hold', false)"
    @pointerleave="emit('hold', false)"
    @keydown="key"
    @keyup="key"
    @blur="emit('hold', false)"
  >
    <slot />
  </button>
</template>
