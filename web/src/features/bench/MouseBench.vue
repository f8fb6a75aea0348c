<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import { useDevices } from '../../stage/input/devices/useDevices';
import HeldButton from './HeldButton.vue';
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
    <HeldButton v-for="b in BUTTONS" :key="b" :data-mouse-button="b" @hold="(on) => mouse.press(on ? 1 << (b - 1) : 0)">
      {{ say('mouse-bench.button', b) }}
    </HeldButton>
  </div>
</template>

<style scoped src="./bench.css"></style>
