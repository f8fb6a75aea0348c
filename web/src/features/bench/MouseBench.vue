<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import { useControlKeys } from '../../stage/input/controlKeys';
import { useDevices } from '../../stage/input/devices/useDevices';
import { SimulatedMouse } from './simulate';
import { say } from '../../words/say';

/** A 3D mouse that nobody holds: its cap is moved along and about three axes. */
const AXES = [
  say('mouse-bench.slide-sideways'),
  say('mouse-bench.pull-to-you'),
  say('mouse-bench.press-down'),
  say('mouse-bench.tip-to-you'),
  say('mouse-bench.tip-sideways'),
  say('mouse-bench.twist'),
];
const BUTTONS = [1, 2];
const devices = useDevices();
const mouse = new SimulatedMouse();
const axes = ref(AXES.map(() => 0));
const wrong = devices?.plug(mouse) ?? null;

function set(k: number, value: number) {
  axes.value[k] = value;
  mouse.push(axes.value);
}

function centre() {
  axes.value = AXES.map(() => 0);
  mouse.push(axes.value);
}

const mask = (button: number) => 1 << (button - 1);
const key = useControlKeys('button', (_, e) => {
  const { mouseButton } = (e.currentTarget as HTMLElement).dataset;
  if (!e.repeat) mouse.press(e.type === 'keydown' ? mask(Number(mouseButton)) : 0);
});

onBeforeUnmount(() => {
  centre();
  devices?.mice.close(mouse);
});
</script>

<template>
  <p v-if="wrong" role="alert">{{ wrong }}</p>
  <div class="axes" data-bench-mouse>
    <label v-for="(words, k) in AXES" :key="words"
      >{{ words }}
      <input
        type="range"
        min="-1"
        max="1"
        step="0.05"
        :value="axes[k]"
        :data-mouse-axis="k"
        @input="set(k, Number(($event.target as HTMLInputElement).value))"
        @pointerup="set(k, 0)"
        @keydown.home.prevent="set(k, 0)"
        @blur="set(k, 0)"
    /></label>
  </div>
  <div class="settings">
    <p class="quiet">{{ say('mouse-bench.let-go-each-comes-back-to') }}</p>
    <button class="plain" @click="centre">{{ say('mouse-bench.let-all-go') }}</button>
    <button
      v-for="b in BUTTONS"
      :key="b"
      class="plain"
      :data-mouse-button="b"
      @pointerdown="mouse.press(1 << (b - 1))"
      @pointerup="mouse.press(0)"
      @pointerleave="mouse.press(0)"
      @keydown="key"
      @keyup="key"
    >
      {{ say('mouse-bench.button', b) }}
    </button>
  </div>
</template>

<style scoped src="./bench.css"></style>
