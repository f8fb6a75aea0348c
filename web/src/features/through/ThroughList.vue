<script lang="ts">
/** Everything under a point of the stage, near to far. */
export interface Through {
  x: number;
  y: number;
  view: string;
  how: string;
  hits: { object: string; name: string; kind: string; distance: string }[];
}
</script>

<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useControlKeys } from '../../stage/input/controlKeys';
import { useRun } from '../../stage/open/run';
import { say } from '../../words/say';

const props = defineProps<{ through: Through }>();
const emit = defineEmits<{ close: [] }>();
const run = useRun();
const at = ref(0);
const box = ref<HTMLElement>();
const place = computed(() => ({
  left: `min(${props.through.x + 6}px, calc(100% - 250px))`,
  top: `min(${props.through.y + 6}px, calc(100% - ${Math.min(300, 40 + props.through.hits.length * 27)}px))`,
}));

function show(i: number) {
  at.value = i;
  run('select.hover', { object: props.through.hits[i]?.object ?? '' });
}

function choose(i: number) {
  const hit = props.through.hits[i];
  close();
  if (hit) run(`select.${props.through.how}`, { object: hit.object });
}

function close() {
  run('select.hover');
  emit('close');
}

const step = (by: number) => show((at.value + by + props.through.hits.length) % Math.max(1, props.through.hits.length));
const keys: Record<string, () => void> = {
  next: () => step(1),
  previous: () => step(-1),
  choose: () => choose(at.value),
  leave: close,
};
const key = useControlKeys('menu', (action) => keys[action]!());
useEventListener(
  window,
  'pointerdown',
  (e: PointerEvent) => {
    if (!box.value?.contains(e.target as Node)) close();
  },
  { capture: true },
);

async function begin() {
  at.value = 0;
  await nextTick();
  box.value?.focus();
  if (props.through.hits.length) show(0);
}
watch(() => props.through, begin);
onMounted(begin);
</script>

<template>
  <div
    ref="box"
    class="through"
    role="menu"
    tabindex="-1"
    :aria-label="say('through-list.under-the-pointer-near-to-far')"
    :style="place"
    data-through
    @keydown="key"
  >
    <p v-if="!through.hits.length" class="none">{{ say('through-list.nothing-lies-under-the-pointer') }}</p>
    <button
      v-for="(h, i) in through.hits"
      :key="h.object"
      role="menuitem"
      tabindex="-1"
      :class="{ at: i === at }"
      :data-object="h.object"
      @pointerenter="show(i)"
      @click="choose(i)"
    >
      <span class="text">{{ h.name }}</span>
      <span class="numbers">{{ h.distance }}</span>
    </button>
  </div>
</template>

<style scoped>
.through {
  position: absolute;
  z-index: 7;
  width: 236px;
  max-height: 300px;
  overflow: auto;
  padding: 6px 0;
  background: var(--raised);
  outline: none;
  box-shadow: 0 6px 20px rgb(0 0 0 / 0.35);
}
.none {
  padding: 2px 14px;
  color: var(--quiet);
}
button {
  display: flex;
  gap: 10px;
  width: 100%;
  min-height: 26px;
  align-items: center;
  border: 0;
  padding: 3px 14px;
  background: none;
  text-align: left;
  cursor: pointer;
}
.at {
  background: var(--pick-ground);
}
.text {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.numbers {
  color: var(--quiet);
  font-size: 11px;
}
</style>
