<script setup lang="ts">
import { computed } from 'vue';
import type { Marks, View } from '../core';
import Plate from './Plate.vue';

const props = defineProps<{ view: View; marks: Marks | undefined }>();
const place = computed(() => {
  const r = props.view.rect;
  return { left: `${r.x}px`, top: `${r.y}px`, width: `${r.width}px`, height: `${r.height}px` };
});
/** The farther end first, so that the nearer one lies over it. */
const axes = computed(() => [...(props.marks?.axes ?? [])].sort((a, b) => a.z - b.z));
const ARM = 22;
</script>

<template>
  <section
    class="frame"
    :class="{ active: view.active }"
    :style="place"
    :data-viewport="view.id"
    :aria-label="`${view.title} viewport`"
  >
    <svg class="marks" aria-hidden="true">
      <g v-for="h in marks?.handles ?? []" :key="h.axis" :class="h.axis">
        <line
          :x1="h.line[0]"
          :y1="h.line[1]"
          :x2="h.line[2]"
          :y2="h.line[3]"
          stroke="currentColor"
          stroke-width="2.5"
        />
        <path d="M0-7 6 0 0 7-6 0Z" fill="currentColor" :transform="`translate(${h.line[2]} ${h.line[3]})`" />
      </g>
      <g v-if="marks?.pivot" class="pivot" :transform="`translate(${marks.pivot.x} ${marks.pivot.y})`" data-pivot>
        <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--panel)" stroke-width="4" opacity=".6" />
        <path d="M0-12 9 0 0 12-9 0Z" fill="none" stroke="var(--accent)" stroke-width="1.6" />
        <circle r="2.4" fill="var(--accent)" />
      </g>
    </svg>
    <svg class="axes" viewBox="-34 -34 68 68" aria-hidden="true">
      <g v-for="a in axes" :key="a.axis" :class="a.axis">
        <line x1="0" y1="0" :x2="a.x * ARM" :y2="a.y * ARM" stroke="currentColor" stroke-width="1.5" />
        <g :transform="`translate(${a.x * ARM} ${a.y * ARM})`">
          <path d="M0-8 7 0 0 8-7 0Z" fill="currentColor" />
          <text y="3.2" text-anchor="middle">{{ a.axis.toUpperCase() }}</text>
        </g>
      </g>
    </svg>
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
.marks {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.axes {
  position: absolute;
  right: 8px;
  bottom: 6px;
  width: 68px;
  height: 68px;
}
.axes text {
  font: 700 8.5px var(--words);
  fill: #06131a;
}
:root[data-theme='chalk'] .axes text {
  fill: #fff;
}
.x {
  color: var(--x);
}
.y {
  color: var(--y);
}
.z {
  color: var(--z);
}
</style>
