<script setup lang="ts">
import { onBeforeUnmount, reactive, watch } from 'vue';
import { useDevices } from '../../stage/input/devices/useDevices';
import HeldButton from './HeldButton.vue';
import StickPad from './StickPad.vue';
import { PAD, SimulatedPad } from './simulate';
import { say } from '../../words/say';

/** A gamepad in the standard order that nobody holds. */
const devices = useDevices();
const pad = new SimulatedPad();
const state = reactive({ left: { x: 0, y: 0 }, right: { x: 0, y: 0 }, lowLeft: 0, lowRight: 0 });
/** The buttons that are not axes as well, by the indices of the standard mapping, as they lie under the hands. */
const CLUSTERS: { name: string; buttons: [number, string][] }[] = [
  {
    name: say('gamepad-bench.left-cluster'),
    buttons: [
      [12, 'top'],
      [14, 'left'],
      [15, 'right'],
      [13, 'bottom'],
    ],
  },
  {
    name: 'middle',
    buttons: [
      [8, 'left'],
      [16, 'centre'],
      [9, 'right'],
    ],
  },
  {
    name: 'front',
    buttons: [
      [4, 'left'],
      [5, 'right'],
    ],
  },
  {
    name: 'sticks',
    buttons: [
      [10, 'left'],
      [11, 'right'],
    ],
  },
  {
    name: say('gamepad-bench.right-cluster'),
    buttons: [
      [3, 'top'],
      [2, 'left'],
      [1, 'right'],
      [0, 'bottom'],
    ],
  },
];

function press(index: number, on: boolean) {
  pad.buttons[index] = { value: on ? 1 : 0 };
}

watch(
  state,
  (s) => {
    pad.axes = [s.left.x, s.left.y, s.right.x, s.right.y];
    pad.buttons[6] = { value: s.lowLeft };
    pad.buttons[7] = { value: s.lowRight };
  },
  { immediate: true },
);
devices?.simulate(PAD, pad);
onBeforeUnmount(() => devices?.simulate(PAD, null));
</script>

<template>
  <div data-bench-gamepad>
    <div class="sticks">
      <figure>
        <StickPad v-model="state.left" :label="say('gamepad-bench.left-stick-arrow-keys-push-it')" data-stick="left" />
        <figcaption>{{ say('gamepad-bench.left-stick') }}</figcaption>
      </figure>
      <figure>
        <StickPad
          v-model="state.right"
          :label="say('gamepad-bench.right-stick-arrow-keys-push-it')"
          data-stick="right"
        />
        <figcaption>{{ say('gamepad-bench.right-stick') }}</figcaption>
      </figure>
    </div>
    <div class="settings">
      <label
        >{{ say('gamepad-bench.low-front-left') }}
        <input v-model.number="state.lowLeft" type="range" min="0" max="1" step="0.05" @pointerup="state.lowLeft = 0"
      /></label>
      <label
        >{{ say('gamepad-bench.low-front-right') }}
        <input v-model.number="state.lowRight" type="range" min="0" max="1" step="0.05" @pointerup="state.lowRight = 0"
      /></label>
    </div>
  </div>
  <div class="clusters">
    <div v-for="c in CLUSTERS" :key="c.name" class="cluster" role="group" :aria-label="c.name">
      <span class="quiet">{{ c.name }}</span>
      <HeldButton
        v-for="[index, words] in c.buttons"
        :key="index"
        :data-pad-button="index"
        @hold="(on) => press(index, on)"
      >
        {{ words }}
      </HeldButton>
    </div>
  </div>
</template>

<style scoped src="./bench.css"></style>
