<script setup lang="ts">
import { computed } from 'vue';
import type { ViewportSummary, ViewportMarks } from '../../core';
import { useStage } from '../open/store';
import CameraHandles from './CameraHandles.vue';
import PyramidMarks from './PyramidMarks.vue';
import SceneMarks from './SceneMarks.vue';
import RulerMarks from './RulerMarks.vue';
import SketchMarks from './SketchMarks.vue';
import ToolMarks from './ToolMarks.vue';

const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks; aimed: string }>();
const store = useStage();
const tool = computed(() => store.readout.tool?.tool ?? '');
/** An empty layer over the picture would be drawn all the same. */
const busy = computed(() => {
  const m = props.marks;
  const lists = [m.handles, m.cameraHandles, m.lines, m.parts, m.rulers, m.pyramids];
  return lists.some((l) => l?.length > 0) || !!(m.ring || m.sketch || m.hover || m.marquee || m.own || m.companion);
});
</script>

<template>
  <svg v-if="busy" class="marks" aria-hidden="true">
    <PyramidMarks :marks="marks" />
    <SceneMarks :marks="marks" />
    <RulerMarks v-if="marks.rulers.length" :rulers="marks.rulers" />
    <ToolMarks v-if="marks.handles.length" :handles="marks.handles" :tool="tool" :aimed="aimed" />
    <SketchMarks v-if="marks.sketch" :marks="marks" :aimed="aimed" />
    <CameraHandles v-if="marks.cameraHandles.length" :marks="marks" :aimed="aimed" :width="view.rect.width" />
    <g v-for="l in marks.lines" :key="l.axis" :class="l.axis" data-shared>
      <path class="shared" :d="l.upright ? `M${l.at} 0V${view.rect.height}` : `M0 ${l.at}H${view.rect.width}`" />
      <text :x="l.upright ? l.at + 5 : 8" :y="l.upright ? 16 : l.at - 5">{{ l.axis }} {{ l.words }}</text>
    </g>
    <g v-if="marks.companion" class="companion" data-companion>
      <path :transform="`translate(${marks.companion.x} ${marks.companion.y})`" d="M0 -9 6.5 0 0 9 -6.5 0Z" />
      <path
        v-if="marks.companion.angle !== undefined"
        :transform="`translate(${marks.companion.x} ${marks.companion.y}) rotate(${marks.companion.angle})`"
        d="M11 0H30"
      />
    </g>
    <circle v-if="marks.ring" class="ball" :cx="marks.ring.x" :cy="marks.ring.y" :r="marks.ring.radius" />
  </svg>
</template>

<style scoped>
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
.companion path {
  fill: color-mix(in srgb, var(--pick) 45%, transparent);
  stroke: var(--pick);
  stroke-width: 1.6;
}
.ball {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1;
  opacity: 0.6;
}
</style>
