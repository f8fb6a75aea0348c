<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { lists, type ViewportSummary, type ViewportMarks } from '../../core';
import { useControlKeys } from '../input/controlKeys';
import { RoseDrawing } from './roseDrawing';
import RoseMenu from './RoseMenu.vue';
import { useRun } from '../open/run';
import { axes } from '../../shared/theme/axes';
import { theme } from '../../shared/theme/theme';
import { toStage } from '../../shared/focus/toStage';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks }>();
const run = useRun();
const NAMES = lists.standardDirections();
const menu = ref<InstanceType<typeof RoseMenu>>();
const list = ref<HTMLElement>();
const id = (name: string) => `rose-${props.view.id}-${name}`;
/** The square that holds it: told in text, which stays the same while the Rose turns. */
const place = computed(() => {
  const f = props.marks.rose;
  return f ? `${f.left} ${f.top} ${f.size}` : '';
});
const square = computed(() => {
  if (!place.value) return null;
  const [left, top, size] = place.value.split(' ').map((n) => `${n}px`);
  return { left, top, width: size, height: size };
});
const faded = computed(() => !!props.marks.rose?.faded);
const words = computed(() => props.marks.rose?.words);
const wordsAt = computed(() => {
  const [left, top, size] = place.value.split(' ').map(Number) as [number, number, number];
  return { right: `${props.view.rect.width - left - size}px`, top: `${top - 22}px` };
});
const here = computed(() => props.marks.rose?.here ?? '');
/** What a screen reader is told of: the direction that was chosen, or the present one. */
const told = computed(() => {
  const lit = props.marks.rose?.lit;
  return lit && NAMES.some((n) => n.id === lit) ? lit : here.value;
});

const picture = ref<HTMLCanvasElement>();
let drawing: RoseDrawing | null = null;
function draw() {
  if (props.marks.rose) drawing?.draw(props.marks.rose);
}
watch(picture, (canvas) => {
  drawing = canvas ? new RoseDrawing(canvas) : null;
  draw();
});
// At once: it belongs to the picture that is drawn in this frame.
watch(() => props.marks.rose, draw, { flush: 'sync' });
watch([theme, axes], () => {
  drawing?.themed();
  draw();
});

const key = useControlKeys('rose', (action) => {
  if (action === 'choose') run('rose.go', {}, props.view.id);
  else if (action === 'home') run('view.home', {}, props.view.id);
  else if (action === 'menu') open(true);
  else run('rose.step', { to: action }, props.view.id);
});

let byKey = false;

function open(keyboard: boolean) {
  byKey = keyboard;
  void menu.value?.open();
}

/** The keyboard goes back to where it was: to the list, or with the hand to the viewports. */
function closed() {
  if (byKey) list.value?.focus({ preventScroll: true });
  else toStage();
}

defineExpose({ openMenu: () => open(false) });
</script>

<template>
  <canvas v-if="square" ref="picture" class="rose" :class="{ faded }" aria-hidden="true" :style="square" />
  <p v-if="square && words" class="rose-words" :style="wordsAt">{{ words }}</p>
  <div
    v-if="square"
    ref="list"
    class="keyboard"
    data-help="rose"
    data-rose
    tabindex="0"
    role="listbox"
    :aria-label="say('rose-view.rose-of-choose-a-direction-with', view.title)"
    :aria-activedescendant="id(told)"
    :style="square"
    @keydown="key"
    @focus="run('rose.aim-here', {}, view.id)"
    @blur="run('rose.aim-away', {}, view.id)"
  >
    <span
      v-for="n in NAMES"
      :id="id(n.id)"
      :key="n.id"
      role="option"
      class="hidden-words"
      :aria-selected="here === n.id"
      >{{ n.label }}</span
    >
  </div>
  <RoseMenu v-if="square" ref="menu" :view="view" :marks="marks" @closed="closed" />
</template>

<style scoped>
.rose {
  position: absolute;
  will-change: transform;
  transition: opacity 120ms;
}
.faded {
  opacity: 0.4;
}
.rose-words {
  position: absolute;
  margin: 0;
  padding: 1px 7px;
  font-size: 12px;
  white-space: nowrap;
  background: var(--plate);
}
.keyboard {
  position: absolute;
  pointer-events: none;
}
@media (prefers-reduced-motion: reduce) {
  .rose {
    transition: none;
  }
}
</style>
