<script setup lang="ts">
import { usePreferredReducedMotion, useRafFn } from '@vueuse/core';
import { ref, watch } from 'vue';
import { useCore, type PreviewFrame } from '../../core';
import { say } from '../../words/say';

/** A small stage on which an unseen hand does what a setting is about, by the very rules of the large one. */
const props = defineProps<{ habit: string; words: string }>();
const core = useCore();
const frame = ref<PreviewFrame | null>(null);
const playing = ref(usePreferredReducedMotion().value !== 'reduce');
const show = (time: number) => (frame.value = core.settings.preview(props.habit, time));
const { pause, resume } = useRafFn(({ timestamp }) => void show(timestamp), { immediate: false });

watch([() => props.habit, playing], () => void show(performance.now()), { immediate: true });
watch(playing, (on) => (on ? resume() : pause()), { immediate: true });
</script>

<template>
  <figure v-if="frame" class="preview" :data-preview="habit">
    <svg
      :viewBox="`0 0 ${frame.width} ${frame.height}`"
      class="clipped"
      role="img"
      :aria-label="say('habit-preview.preview', words)"
    >
      <line v-for="(l, k) in frame.lines" :key="k" :x1="l.x1" :y1="l.y1" :x2="l.x2" :y2="l.y2" :class="l.sort" />
      <path :d="`M${frame.handX} ${frame.handY - 5}l5 5-5 5-5-5z`" class="hand" />
    </svg>
    <figcaption>
      {{ words }}: {{ frame.does }}
      <button class="plain" @click="playing = !playing">
        {{ playing ? say('habit-preview.stop') : say('habit-preview.play') }}
      </button>
    </figcaption>
  </figure>
</template>

<style scoped>
.preview {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
line {
  stroke: var(--line);
  stroke-width: 1;
}
.box {
  stroke: var(--text);
  stroke-width: 1.6;
}
.mark {
  stroke: var(--accent);
  stroke-width: 2;
}
.picked {
  stroke: var(--pick);
  stroke-width: 2.2;
}
.hovered {
  stroke: var(--accent);
  stroke-width: 2.2;
}
.drawn {
  stroke: var(--pick);
  stroke-dasharray: 4 3;
}
.x {
  stroke: var(--x);
}
.y {
  stroke: var(--y);
}
.z {
  stroke: var(--z);
}
.x,
.y,
.z {
  stroke-width: 2;
}
.hand {
  fill: var(--pick);
}
figcaption {
  margin-top: 8px;
  font-size: 13px;
}
</style>
