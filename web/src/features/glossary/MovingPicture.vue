<script setup lang="ts">
import { usePreferredReducedMotion, useRafFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { HelpAnswers } from '../../core';
import { say, within } from '../../words/say';

/** A word's moving picture: what the eye sees, and the eye from outside. It can be stopped, and stands where motion is not wanted. */
const props = defineProps<{ core: HelpAnswers; word: string; name: string }>();
const SECONDS = 6;
/** Where a picture that stands shows most. */
const STANDING = 0.2;
const playing = ref(usePreferredReducedMotion().value !== 'reduce');
const part = ref(STANDING);
const { pause, resume } = useRafFn(({ delta }) => (part.value = (part.value + delta / 1000 / SECONDS) % 1), {
  immediate: false,
});
watch(playing, (on) => (on ? resume() : pause()), { immediate: true });
watch(
  () => props.word,
  () => (part.value = playing.value ? 0 : STANDING),
);

const sketch = computed(() => props.core.picture(props.word, part.value));
const sides = computed(() => [
  { says: say('moving-picture.what-the-eye-sees'), lines: sketch.value.seen },
  { says: say('moving-picture.the-eye-from-outside'), lines: sketch.value.outside },
]);
</script>

<template>
  <div class="pictures" :data-picture="word">
    <figure v-for="s in sides" :key="s.says">
      <svg :viewBox="`0 0 ${sketch.width} ${sketch.height}`" role="img" :aria-label="`${name}: ${within(s.says)}`">
        <polyline v-for="(l, i) in s.lines" :key="i" :class="l.tone" :points="l.points.join(' ')" />
      </svg>
      <figcaption>{{ s.says }}</figcaption>
    </figure>
    <button class="plain" :aria-pressed="playing" @click="playing = !playing">
      {{ playing ? say('moving-picture.stop-the-picture') : say('moving-picture.let-it-move') }}
    </button>
  </div>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  background: linear-gradient(var(--stage-high), var(--stage-low));
}
figcaption {
  margin-top: 4px;
  color: var(--quiet);
  font-size: 12.5px;
}
button {
  grid-column: 1 / -1;
  justify-self: start;
  margin-left: -6px;
  min-height: 26px;
}
polyline {
  fill: none;
  stroke-width: 1.4;
  stroke: var(--text);
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ground {
  stroke: var(--quiet);
  stroke-width: 0.6;
  opacity: 0.6;
}
.eye {
  stroke: var(--accent);
}
.mark {
  stroke: var(--pick);
  stroke-width: 2.2;
}
</style>
