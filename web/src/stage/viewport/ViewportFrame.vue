<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { ViewportSummary, ViewportMarks } from '../../core';
import { useStage } from '../open/store';
import RoseView from '../marks/RoseView.vue';
import GateMarks from '../marks/GateMarks.vue';
import GripMarks from '../marks/GripMarks.vue';
import HandleKeys from '../marks/HandleKeys.vue';
import LineMarks from '../marks/LineMarks.vue';
import NameMarks from '../marks/NameMarks.vue';
import LostMarks from '../marks/LostMarks.vue';
import Plate from './Plate.vue';
import SpotMarks from '../marks/SpotMarks.vue';
import WalkMark from '../marks/WalkMark.vue';
import { say } from '../../words/say';

/** Parts of the marks are read by those who draw them: one that moves then draws nothing else anew. */
const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks; roseMenu: number; target: boolean }>();
const store = useStage();
const rose = ref<InstanceType<typeof RoseView>>();
watch(
  () => props.roseMenu,
  () => void rose.value?.openMenu(),
);
/** The handle that has the keyboard. */
const aimed = ref('');
const place = computed(() => {
  const r = props.view.rect;
  return { left: `${r.x}px`, top: `${r.y}px`, width: `${r.width}px`, height: `${r.height}px` };
});
const walking = computed(() => !!props.marks.walk);
</script>

<template>
  <section
    class="frame"
    :class="{ active: view.active, held: marks.refused, target }"
    :style="place"
    :data-viewport="view.id"
    :aria-label="say('viewport-frame.viewport', view.title)"
  >
    <GateMarks :marks="marks" />
    <template v-if="view.cameraState === 'driven'">
      <i v-for="side in ['above', 'below', 'left', 'right']" :key="side" class="edge" :class="side" data-driven />
    </template>
    <NameMarks v-if="marks.names.length" :names="marks.names" />
    <LineMarks :view="view" :marks="marks" :aimed="aimed" />
    <SpotMarks :marks="marks" />
    <HandleKeys v-if="view.active" :marks="marks" :view="view" @aim="aimed = $event" />
    <RoseView ref="rose" :view="view" :marks="marks" />
    <GripMarks :marks="marks" />
    <WalkMark v-if="walking" :view="view" :marks="marks" />
    <LostMarks :view="view" :marks="marks" />
    <span v-if="store.eased && view.active" class="eased" data-eased>{{
      say('viewport-frame.while-moving', store.eased)
    }}</span>
    <Plate :view="view" />
  </section>
</template>

<style scoped>
.frame {
  position: absolute;
  overflow: hidden;
  pointer-events: none;
}
.eased {
  position: absolute;
  left: 10px;
  top: 8px;
  padding: 2px 8px;
  color: var(--quiet);
  background: var(--panel);
  font-size: 12px;
  will-change: transform;
}
.frame.active::before,
.frame.active::after {
  content: '';
  position: absolute;
  width: 26px;
  height: 26px;
  border: solid var(--accent);
  z-index: 2;
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
/* Whatever moves in a viewport with these edges moves a camera. Thin layers: one around all would be as large as the picture. */
.edge {
  position: absolute;
  background: repeating-linear-gradient(135deg, var(--caution) 0 9px, transparent 9px 14px);
  will-change: transform;
}
.above,
.below {
  left: 0;
  right: 0;
  height: 5px;
}
.left,
.right {
  top: 0;
  bottom: 0;
  width: 5px;
}
.above {
  top: 0;
}
.below {
  bottom: 0;
}
.left {
  left: 0;
}
.right {
  right: 0;
}
.target {
  background: color-mix(in srgb, var(--accent) 22%, transparent);
}
.frame.held::before,
.frame.held::after {
  border-color: var(--caution);
}
</style>
