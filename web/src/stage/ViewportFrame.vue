<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Marks, View } from '../core';
import FacetView from './FacetView.vue';
import GripMarks from './GripMarks.vue';
import LostMarks from './LostMarks.vue';
import HandleKeys from './HandleKeys.vue';
import IconMarks from './IconMarks.vue';
import SceneMarks from './SceneMarks.vue';
import ToolMarks from './ToolMarks.vue';
import WalkMark from './WalkMark.vue';
import Plate from './Plate.vue';
import { useStage } from '../stores/stage';

const props = defineProps<{ view: View; marks: Marks | undefined; facetMenu: number; target: boolean }>();
/** An empty layer over the picture would be drawn all the same. */
const busy = computed(() => {
  const m = props.marks;
  if (!m) return false;
  const lists = [m.handles, m.lines, m.parts];
  return lists.some((l) => l.length > 0) || m.ring || m.hover || m.marquee || m.own;
});
const store = useStage();
const tool = computed(() => store.readout.tool?.tool ?? '');
const facet = ref<InstanceType<typeof FacetView>>();
watch(
  () => props.facetMenu,
  () => void facet.value?.openMenu(),
);
/** The handle that has the keyboard. */
const aimed = ref('');
const place = computed(() => {
  const r = props.view.rect;
  return { left: `${r.x}px`, top: `${r.y}px`, width: `${r.width}px`, height: `${r.height}px` };
});
</script>

<template>
  <section
    class="frame"
    :class="{ active: view.active, held: marks?.refused, target }"
    :style="place"
    :data-viewport="view.id"
    :aria-label="`${view.title} viewport`"
  >
    <IconMarks v-if="marks?.icons.length" :icons="marks.icons" />
    <svg v-if="busy" class="marks" aria-hidden="true">
      <SceneMarks :marks="marks!" />
      <ToolMarks v-if="marks!.handles.length" :handles="marks!.handles" :tool="tool" :aimed="aimed" />
      <g v-for="l in marks!.lines" :key="l.axis" :class="l.axis" data-shared>
        <path class="shared" :d="l.upright ? `M${l.at} 0V${view.rect.height}` : `M0 ${l.at}H${view.rect.width}`" />
        <text :x="l.upright ? l.at + 5 : 8" :y="l.upright ? 16 : l.at - 5">{{ l.axis }} {{ l.words }}</text>
      </g>
      <circle v-if="marks!.ring" class="ball" :cx="marks!.ring.x" :cy="marks!.ring.y" :r="marks!.ring.radius" />
    </svg>
    <svg
      v-if="marks?.refused"
      class="spot refused"
      viewBox="-16 -16 32 32"
      :style="{ left: `${marks.refused.x}px`, top: `${marks.refused.y}px` }"
      data-refused
      aria-hidden="true"
    >
      <path d="M0-15 13 0 0 15-13 0Z" />
      <path d="M-7 0H7" />
    </svg>
    <svg
      v-if="marks?.pivot"
      class="spot"
      viewBox="-16 -16 32 32"
      :style="{ left: `${marks.pivot.x}px`, top: `${marks.pivot.y}px` }"
      data-pivot
      aria-hidden="true"
    >
      <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--panel)" stroke-width="4" opacity=".6" />
      <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--accent)" stroke-width="1.6" />
      <circle r="2.4" fill="var(--accent)" />
    </svg>
    <HandleKeys
      v-if="view.active && marks?.handles.length"
      :handles="marks.handles"
      :view="view"
      @aim="aimed = $event"
    />
    <FacetView v-if="marks?.facet" ref="facet" :view="view" :facet="marks.facet" />
    <GripMarks v-if="marks?.grips.length" :grips="marks.grips" />
    <WalkMark v-if="marks?.walk" :view="view" :walk="marks.walk" />
    <LostMarks v-if="marks && (marks.beacon || marks.empty)" :view="view" :marks="marks" />
    <Plate :view="view" />
  </section>
</template>

<style scoped>
.frame {
  position: absolute;
  overflow: hidden;
  pointer-events: none;
}
.frame.active::before,
.frame.active::after {
  content: '';
  position: absolute;
  width: 26px;
  height: 26px;
  border: solid var(--accent);
  z-index: 1;
  will-change: transform;
}
.frame.active::before {
  right: 0;
  top: 0;
  border-width: 3px 3px 0 0;
}
.frame.active::after {
  left: 0;
  bottom: 0;
  border-width: 0 0 3px 3px;
}
.target {
  background: color-mix(in srgb, var(--accent) 22%, transparent);
}
.shared {
  stroke: currentColor;
  stroke-dasharray: 7 4;
  opacity: 0.9;
}
.marks text {
  fill: currentColor;
  font: 11.5px var(--numbers);
  paint-order: stroke;
  stroke: var(--panel);
  stroke-width: 3px;
}
.marks {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.spot {
  will-change: transform;
  position: absolute;
  width: 32px;
  height: 32px;
  margin: -16px 0 0 -16px;
}
.ball {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1;
  opacity: 0.6;
}
.refused path {
  fill: none;
  stroke: var(--caution);
  stroke-width: 2.5;
}
.frame.held::before,
.frame.held::after {
  border-color: var(--caution);
}
</style>
