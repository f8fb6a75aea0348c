<script setup lang="ts">
import { computed, ref } from 'vue';
import * as core from '../core';
import type { Facet, View } from '../core';
import { arrow } from './arrows';
import FacetMenu from './FacetMenu.vue';
import { useRun } from './run';
import { toStage } from './toStage';

const props = defineProps<{ view: View; facet: Facet }>();
const run = useRun();
const NAMES = core.standardDirections();
const menu = ref<InstanceType<typeof FacetMenu>>();
const list = ref<HTMLElement>();
const id = (name: string) => `facet-${props.view.id}-${name}`;
const square = computed(() => ({
  left: `${props.facet.left}px`,
  top: `${props.facet.top}px`,
  width: `${props.facet.size}px`,
  height: `${props.facet.size}px`,
}));
const home = computed(() => props.facet.lit === 'home');
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
  <svg class="facet" aria-hidden="true" :style="square">
    <circle class="ground" :cx="facet.x" :cy="facet.y" :r="facet.ring" />
    <g :transform="`translate(${facet.x} ${facet.y})`">
      <circle
        class="ring"
        :class="{ lit: facet.lit === 'roll-left' }"
        :r="facet.ring - 5"
        pathLength="360"
        transform="rotate(102)"
      />
      <circle
        class="ring"
        :class="{ lit: facet.lit === 'roll-right' }"
        :r="facet.ring - 5"
        pathLength="360"
        transform="rotate(-78)"
      />
    </g>
    <path
      class="level"
      :d="`M0 ${-facet.ring + 4}l-4-7h8z`"
      :transform="`translate(${facet.x} ${facet.y}) rotate(${facet.roll})`"
    />
    <polygon
      v-for="f in facet.faces"
      :key="f.name"
      class="face"
      :class="{ lit: f.lit }"
      :points="f.points.join(' ')"
      :style="{ '--light': `${Math.round(20 + f.light * 62)}%` }"
    />
    <g v-for="c in facet.corners" :key="c.name" :transform="`translate(${c.x} ${c.y})`">
      <g v-if="c.axis" :class="[c.axis, { lit: c.lit }]" class="axis">
        <path class="edge" d="M0-8.5 7.5 0 0 8.5-7.5 0Z" />
        <path v-if="c.positive" class="fill" d="M0-8.5 7.5 0 0 8.5-7.5 0Z" />
        <path v-else class="fill" d="M-7.5 0 7.5 0 0 8.5Z" />
        <text v-if="c.positive" y="3.4" text-anchor="middle">{{ c.axis.toUpperCase() }}</text>
      </g>
      <path v-else class="corner" :class="{ lit: c.lit }" d="M0-4 3.5 0 0 4-3.5 0Z" />
    </g>
    <path
      v-if="facet.home"
      class="home"
      :class="{ lit: home }"
      d="M0-5.5 5 0 0 5.5-5 0Z"
      :transform="`translate(${facet.x} ${facet.y})`"
    />
    <g v-if="facet.words" class="words">
      <text :x="facet.x + facet.ring" :y="facet.y - facet.ring - 6" text-anchor="end">{{ facet.words }}</text>
    </g>
  </svg>
  <div
    ref="list"
    class="keyboard"
    data-facet
    tabindex="0"
    role="listbox"
    :aria-label="`Facet of ${view.title}: choose a direction with the arrow keys, Enter goes there`"
    :aria-activedescendant="id(facet.lit && NAMES.some((n) => n.id === facet.lit) ? facet.lit : facet.here)"
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
      :aria-selected="facet.here === n.id"
      >{{ n.label }}</span
    >
  </div>
  <FacetMenu ref="menu" :view="view" :facet="facet" @closed="closed" />
</template>

<style scoped>
.facet {
  will-change: transform;
  position: absolute;
  overflow: visible;
}
.ground {
  fill: var(--panel);
  opacity: 0.32;
}
.ring {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 2;
  stroke-dasharray: 156 204;
  opacity: 0.55;
}
.ring.lit {
  stroke: var(--accent);
  stroke-width: 5;
  opacity: 1;
}
.level {
  fill: var(--quiet);
}
.face {
  fill: color-mix(in srgb, var(--facet-high) var(--light), var(--facet-low));
  stroke: var(--facet-edge);
  stroke-width: 1;
  stroke-linejoin: round;
}
.face.lit {
  fill: color-mix(in srgb, var(--accent) 80%, var(--facet-low));
}
.axis .edge {
  fill: var(--panel);
  stroke: currentColor;
  stroke-width: 1.5;
}
.axis .fill {
  fill: currentColor;
}
.axis.lit .edge {
  stroke: var(--text);
  stroke-width: 4;
}
.axis text {
  font: 700 9px var(--words);
  fill: #06131a;
}
:root[data-theme='chalk'] .axis text {
  fill: #fff;
}
.corner {
  fill: var(--panel);
  stroke: var(--quiet);
  stroke-width: 1.2;
}
.corner.lit {
  fill: var(--accent);
  stroke: var(--text);
}
.home {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.3;
  opacity: 0.75;
}
.home.lit {
  fill: var(--accent);
  opacity: 1;
}
.words text {
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
