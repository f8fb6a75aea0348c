<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import PointPad from './PointPad.vue';
import { sendPointer } from './simulate';
import { useTarget } from './target';
import { say } from '../../words/say';

/** One to five fingers that nobody has: they are put down, moved, spread and turned together. */
const target = useTarget();
const MOST = 5;
const RADIUS = 0.16;
const at = ref({ x: 0.5, y: 0.5 });
const count = ref(2);
const spread = ref(1);
const turn = ref(0);
const down = ref(false);
const points = computed(() =>
  Array.from({ length: count.value }, (_, k) => {
    if (count.value === 1) return at.value;
    const a = (k / count.value) * 2 * Math.PI + (turn.value * Math.PI) / 180;
    const r = RADIUS * spread.value;
    return { x: at.value.x + r * Math.cos(a) * 0.7, y: at.value.y + r * Math.sin(a) };
  }),
);

function send(type: string) {
  const t = target();
  if (!t) return;
  points.value.forEach((p, finger) => sendPointer(t.canvas, type, 'touch', t.x(p.x), t.y(p.y), { finger, buttons: 1 }));
}

function put(on: boolean) {
  if (on === down.value) return;
  down.value = on;
  send(on ? 'pointerdown' : 'pointerup');
}

function tap() {
  put(true);
  put(false);
}

function choose(n: number) {
  put(false);
  count.value = n;
}

watch([spread, turn], () => down.value && send('pointermove'));
</script>

<template>
  <PointPad
    v-model="at"
    :label="say('fingers-bench.fingers-arrow-keys-move-them-space')"
    :points="points"
    :down="down"
    data-bench-fingers
    @down="put"
    @moved="down && send('pointermove')"
  />
  <div class="settings">
    <div class="ways" role="group" :aria-label="say('fingers-bench.fingers')">
      <button v-for="n in MOST" :key="n" :aria-pressed="count === n" @click="choose(n)">{{ n }}</button>
    </div>
    <label
      >{{ say('fingers-bench.spread') }} <input v-model.number="spread" type="range" min="0.4" max="2.4" step="0.05"
    /></label>
    <label
      >{{ say('fingers-bench.turn') }} <input v-model.number="turn" type="range" min="-120" max="120" step="2"
    /></label>
    <label class="check"
      ><input type="checkbox" :checked="down" @change="put(!down)" />
      {{ say('fingers-bench.on-the-glass-so-that-they') }}</label
    >
    <button class="plain" @click="tap">{{ say('fingers-bench.tap') }}</button>
  </div>
</template>

<style scoped src="./bench.css"></style>
