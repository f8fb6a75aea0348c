<script setup lang="ts">
import { ref } from 'vue';
import { useControlKeys } from '../../stage/input/controlKeys';

/** A stick that comes back to its middle when it is let go; keys hold it out until Home or until it is left. */
defineProps<{ label: string }>();
const at = defineModel<{ x: number; y: number }>({ required: true });
const pad = ref<HTMLElement>();
const STEP = 0.25;
const WAYS: Record<string, [number, number]> = {
  left: [-STEP, 0],
  right: [STEP, 0],
  up: [0, -STEP],
  down: [0, STEP],
};

function out(x: number, y: number) {
  const far = Math.max(1, Math.hypot(x, y));
  at.value = { x: x / far, y: y / far };
}

function follow(e: PointerEvent) {
  if (!e.buttons) return;
  const box = pad.value!.getBoundingClientRect();
  out(((e.clientX - box.left) / box.width) * 2 - 1, ((e.clientY - box.top) / box.height) * 2 - 1);
}

function press(e: PointerEvent) {
  pad.value!.setPointerCapture(e.pointerId);
  follow(e);
}

const key = useControlKeys('pad', (action) => {
  const way = WAYS[action];
  if (way) out(at.value.x + way[0], at.value.y + way[1]);
  else if (action === 'home') out(0, 0);
  else return false;
});
</script>

<template>
  <div
    ref="pad"
    class="stick"
    tabindex="0"
    role="application"
    :aria-label="label"
    @pointerdown="press"
    @pointermove.stop="follow"
    @pointerup="out(0, 0)"
    @pointercancel="out(0, 0)"
    @blur="out(0, 0)"
    @keydown="key"
  >
    <span class="knob" :style="{ left: `${50 + at.x * 38}%`, top: `${50 + at.y * 38}%` }" />
  </div>
</template>

<style scoped>
.stick {
  position: relative;
  width: 96px;
  height: 96px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  clip-path: polygon(50% 0, 100% 50%, 50% 100%, 0 50%);
  touch-action: none;
  cursor: grab;
}
.stick:focus-visible .knob {
  outline: 2px solid var(--text);
}
.knob {
  position: absolute;
  width: 16px;
  height: 16px;
  margin: -8px;
  transform: rotate(45deg);
  background: var(--accent);
}
</style>
