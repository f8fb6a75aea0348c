<script setup lang="ts">
import { ref } from 'vue';
import { useControlKeys } from '../../stage/input/controlKeys';

/** A small field that stands for the active viewport: by the mouse or by keys, something is put down in it and moved. */
const props = defineProps<{ label: string; points: { x: number; y: number }[]; down: boolean }>();
const at = defineModel<{ x: number; y: number }>({ required: true });
const emit = defineEmits<{ down: [on: boolean]; moved: [] }>();
const pad = ref<HTMLElement>();
const STEP = 0.02;
const WAYS: Record<string, [number, number]> = {
  left: [-STEP, 0],
  right: [STEP, 0],
  up: [0, -STEP],
  down: [0, STEP],
};
const within = (v: number) => Math.min(1, Math.max(0, v));

function place(x: number, y: number) {
  at.value = { x: within(x), y: within(y) };
  emit('moved');
}

function put(on: boolean) {
  emit('down', on);
  // What is put down takes the keyboard to the viewports; it stays here.
  pad.value?.focus({ preventScroll: true });
}

function follow(e: PointerEvent) {
  // The viewports would take the mouse for one of theirs while something moves in them.
  e.stopPropagation();
  const box = pad.value!.getBoundingClientRect();
  place((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
}

function press(e: PointerEvent) {
  pad.value!.setPointerCapture(e.pointerId);
  follow(e);
  put(true);
}

const key = useControlKeys('pad', (action) => {
  const way = WAYS[action];
  if (way) place(at.value.x + way[0], at.value.y + way[1]);
  else if (action === 'choose') put(!props.down);
  else return false;
});
</script>

<template>
  <div
    ref="pad"
    class="point-pad clipped"
    :class="{ on: down }"
    tabindex="0"
    role="application"
    :aria-label="label"
    @pointerdown="press"
    @pointermove="$event.buttons ? follow($event) : $event.stopPropagation()"
    @pointerup="put(false)"
    @pointercancel="put(false)"
    @keydown="key"
  >
    <span v-for="(p, k) in points" :key="k" class="dot" :style="{ left: `${p.x * 100}%`, top: `${p.y * 100}%` }" />
  </div>
</template>

<style scoped>
.point-pad {
  position: relative;
  width: 210px;
  height: 140px;
  background: linear-gradient(var(--stage-high), var(--stage-low));
  touch-action: none;
  cursor: crosshair;
}
.point-pad:focus-visible {
  outline-offset: -2px;
}
.dot {
  position: absolute;
  width: 10px;
  height: 10px;
  margin: -5px;
  transform: rotate(45deg);
  border: 1.5px solid var(--accent);
}
.on .dot {
  background: var(--accent);
}
</style>
