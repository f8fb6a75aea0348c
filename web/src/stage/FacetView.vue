<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { standardDirections, type Frame, type Marks } from '../core';
import { arrow } from './arrows';
import { FacetDrawing } from './facetDrawing';
import FacetMenu from './FacetMenu.vue';
import { useRun } from './run';
import { toStage } from './toStage';

const props = defineProps<{ view: Frame; marks: Marks }>();
const run = useRun();
const NAMES = standardDirections();
const menu = ref<InstanceType<typeof FacetMenu>>();
const list = ref<HTMLElement>();
const id = (name: string) => `facet-${props.view.id}-${name}`;
/** The square that holds it: told in text, which stays the same while the Facet turns. */
const place = computed(() => {
  const f = props.marks.facet;
  return f ? `${f.left} ${f.top} ${f.size}` : '';
});
const square = computed(() => {
  if (!place.value) return null;
  const [left, top, size] = place.value.split(' ').map((n) => `${n}px`);
  return { left, top, width: size, height: size };
});
const here = computed(() => props.marks.facet?.here ?? '');
/** What a screen reader is told of: the direction that was chosen, or the present one. */
const told = computed(() => {
  const lit = props.marks.facet?.lit;
  return lit && NAMES.some((n) => n.id === lit) ? lit : here.value;
});

const picture = ref<SVGSVGElement>();
let drawing: FacetDrawing | null = null;
watch(picture, (svg) => {
  drawing = svg ? new FacetDrawing(svg) : null;
  if (drawing && props.marks.facet) drawing.draw(props.marks.facet);
});
// At once: it belongs to the picture that is drawn in this frame.
watch(
  () => props.marks.facet,
  (f) => f && drawing?.draw(f),
  { flush: 'sync' },
);

function key(e: KeyboardEvent) {
  const to = arrow(e);
  if (to) run('facet.step', { to }, props.view.id);
  else if (e.key === 'Enter' || e.key === ' ') run('facet.go', {}, props.view.id);
  else if (e.key === 'Home') run('view.home', {}, props.view.id);
  else if (e.key === 'ContextMenu' || (e.key === 'F10' && e.shiftKey)) open(true);
  else return;
  e.preventDefault();
  e.stopPropagation();
}

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
  <svg v-if="square" ref="picture" class="facet" aria-hidden="true" :style="square" />
  <div
    v-if="square"
    ref="list"
    class="keyboard"
    data-facet
    tabindex="0"
    role="listbox"
    :aria-label="`Facet of ${view.title}: choose a direction with the arrow keys, Enter goes there`"
    :aria-activedescendant="id(told)"
    :style="square"
    @keydown="key"
    @focus="run('facet.aim-here', {}, view.id)"
    @blur="run('facet.aim-away', {}, view.id)"
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
  <FacetMenu v-if="square" ref="menu" :view="view" :marks="marks" @closed="closed" />
</template>

<style scoped>
.facet {
  will-change: transform;
  position: absolute;
  overflow: visible;
}
.facet :deep(.ground) {
  fill: var(--panel);
  opacity: 0.32;
}
.facet :deep(.ring) {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 2;
  stroke-dasharray: 156 204;
  opacity: 0.55;
}
.facet :deep(.ring.lit) {
  stroke: var(--accent);
  stroke-width: 5;
  opacity: 1;
}
.facet :deep(.level) {
  fill: var(--quiet);
}
.facet :deep(.face) {
  fill: color-mix(in srgb, var(--facet-high) var(--light), var(--facet-low));
  stroke: var(--facet-edge);
  stroke-width: 1;
  stroke-linejoin: round;
}
.facet :deep(.face.lit) {
  fill: color-mix(in srgb, var(--accent) 80%, var(--facet-low));
}
.facet :deep(.axis .edge) {
  fill: var(--panel);
  stroke: currentColor;
  stroke-width: 1.5;
}
.facet :deep(.axis .fill) {
  fill: currentColor;
}
.facet :deep(.axis.lit .edge) {
  stroke: var(--text);
  stroke-width: 4;
}
.facet :deep(.axis text) {
  font: 700 9px var(--words);
  fill: #06131a;
}
:root[data-theme='chalk'] .facet :deep(.axis text) {
  fill: #fff;
}
.facet :deep(.corner) {
  fill: var(--panel);
  stroke: var(--quiet);
  stroke-width: 1.2;
}
.facet :deep(.corner.lit) {
  fill: var(--accent);
  stroke: var(--text);
}
.facet :deep(.home) {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.3;
  opacity: 0.75;
}
.facet :deep(.home.lit) {
  fill: var(--accent);
  opacity: 1;
}
.facet :deep(.words text) {
  font: 12px var(--words);
  fill: var(--text);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 4px;
  stroke-linejoin: bevel;
}
.keyboard {
  position: absolute;
  pointer-events: none;
}
</style>
