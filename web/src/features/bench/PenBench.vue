<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import PointPad from './PointPad.vue';
import { sendPointer } from './simulate';
import { useTarget } from './target';
import { say } from '../../words/say';

/** A pen that nobody holds: its tip, its barrel's button, its other end, its pressure and its tilt. */
const target = useTarget();
const at = ref({ x: 0.5, y: 0.5 });
const down = ref(false);
const part = ref<'tip' | 'barrel' | 'eraser'>('tip');
const more = reactive({ pressure: 0.5, tiltX: 20, tiltY: 0 });
const MASK = { tip: 1, barrel: 2, eraser: 32 };
const points = computed(() => [at.value]);

function send(type: string) {
  const t = target();
  if (!t) return;
  const buttons = down.value ? MASK[part.value] : 0;
  sendPointer(t.canvas, type, 'pen', t.x(at.value.x), t.y(at.value.y), {
    buttons,
    tiltX: more.tiltX,
    tiltY: more.tiltY,
    pressure: down.value ? more.pressure : 0,
  });
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

watch([more, part], () => send('pointermove'));
</script>

<template>
  <PointPad
    v-model="at"
    :label="say('pen-bench.pen-arrow-keys-move-it-space')"
    :points="points"
    :down="down"
    data-bench-pen
    @down="put"
    @moved="send('pointermove')"
  />
  <div class="settings">
    <div class="ways" role="group" :aria-label="say('pen-bench.part-of-the-pen')">
      <button v-for="p in ['tip', 'barrel', 'eraser'] as const" :key="p" :aria-pressed="part === p" @click="part = p">
        {{
          p === 'barrel'
            ? say('pen-bench.barrel-button')
            : p === 'eraser'
              ? say('pen-bench.other-end')
              : say('pen-bench.tip')
        }}
      </button>
    </div>
    <label
      >{{ say('pen-bench.pressure') }} <input v-model.number="more.pressure" type="range" min="0" max="1" step="0.05"
    /></label>
    <label
      >{{ say('pen-bench.tilt-sideways') }} <input v-model.number="more.tiltX" type="range" min="-90" max="90" step="5"
    /></label>
    <label
      >{{ say('pen-bench.tilt-to-and-fro') }}
      <input v-model.number="more.tiltY" type="range" min="-90" max="90" step="5"
    /></label>
    <button class="plain" @click="tap">{{ say('pen-bench.tap') }}</button>
  </div>
</template>

<style scoped src="./bench.css"></style>
