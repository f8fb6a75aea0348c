<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { useStage } from '../open/store';
import { axes } from '../../shared/theme/axes';
import { theme } from '../../shared/theme/theme';
import type { OpenScene } from '../open/openScene';
import BoardBorders from './BoardBorders.vue';
import { forwardInput } from '../input/input';
import { thePainter } from '../../painter/studio';
import ViewportFrame from './ViewportFrame.vue';
import { say } from '../../words/say';

const props = defineProps<{ open: OpenScene; roseMenu: { view: string; count: number } }>();
const emit = defineEmits<{ input: [ms: number, came: number] }>();
const store = useStage();
const stage = ref<HTMLElement>();
let end = () => {};

function measure() {
  const box = stage.value!.getBoundingClientRect();
  props.open.resize(Math.floor(box.width), Math.floor(box.height), window.devicePixelRatio);
}

/** The painter, or null where the browser cannot draw: loading the scene says so. */
function paintable() {
  try {
    return thePainter();
  } catch {
    return null;
  }
}

onMounted(() => {
  // One canvas serves every scene.
  const painter = paintable();
  if (!painter) return;
  const { canvas } = painter;
  canvas.tabIndex = 0;
  canvas.setAttribute('aria-label', say('stage-canvas.viewports-the-hints-below-say-what'));
  // Below everything else on the stage.
  stage.value!.prepend(canvas);
  props.open.attach(painter, theme.value, axes.value);
  measure();
  end = forwardInput(props.open.core.stage.input, canvas, stage.value!, (ms, came) => emit('input', ms, came));
});
useResizeObserver(stage, measure);
onBeforeUnmount(() => end());
</script>

<template>
  <div ref="stage" class="stage" data-stage>
    <ViewportFrame
      v-for="v in store.views.filter((each) => each.shown)"
      :key="v.id"
      :view="v"
      :marks="store.marks[v.number]!"
      :rose-menu="roseMenu.view === v.id ? roseMenu.count : 0"
      :target="store.target === v.id"
    />
    <BoardBorders :stage="stage" />
  </div>
</template>

<style scoped>
.stage {
  position: absolute;
  inset: 0;
  overflow: hidden;
  background: var(--panel);
}
.stage > :deep(canvas) {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  touch-action: none;
  outline: none;
}
</style>
