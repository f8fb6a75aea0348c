<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { useCore, type DevicesState, type RecorderState } from '../../core';
import { useDevices } from '../../stage/devices/useDevices';
import type { OpenScene } from '../../stage/openScene';
import { useRun } from '../../stage/run';
import DeviceSeen from './DeviceSeen.vue';
import FingersBench from './FingersBench.vue';
import GamepadBench from './GamepadBench.vue';
import MouseBench from './MouseBench.vue';
import PenBench from './PenBench.vue';
import RecorderBar from './RecorderBar.vue';
import { watchPointers } from './pointers';

/** Devices side by side with the viewports: what arrives of real ones, simulated ones to try, recording and replay. */
defineProps<{ open: OpenScene }>();
const core = useCore();
const run = useRun();
const devices = useDevices();
const SORTS = [
  { id: 'pen', label: 'Pen' },
  { id: 'fingers', label: 'Fingers' },
  { id: 'gamepad', label: 'Gamepad' },
  { id: 'mouse3d', label: '3D mouse' },
] as const;
const chosen = ref<(typeof SORTS)[number]['id']>('gamepad');
const simulating = ref(false);
const seen = ref<DevicesState>({ devices: [] });
const recorder = ref<RecorderState>(core.devices.recorder());
const told = ref('');
const { reading, stop } = watchPointers();
let frame = 0;

function look() {
  frame = requestAnimationFrame(look);
  seen.value = core.devices.seen();
  recorder.value = core.devices.recorder();
}

async function connect() {
  told.value = (await devices?.mice.choose()) ?? '';
}

const shownDevices = () => seen.value.devices.filter((d) => d.sort === chosen.value);

onMounted(look);
onBeforeUnmount(() => {
  cancelAnimationFrame(frame);
  stop();
});
</script>

<template>
  <section class="bench" data-bench aria-label="Device bench">
    <div class="side">
      <h2>Device bench</h2>
      <div class="ways sorts" role="group" aria-label="Device">
        <button
          v-for="s in SORTS"
          :key="s.id"
          :aria-pressed="chosen === s.id"
          :data-sort="s.id"
          @click="((chosen = s.id), (told = ''))"
        >
          {{ s.label }}
        </button>
      </div>
      <label class="simulate"><input v-model="simulating" type="checkbox" data-simulate /> simulate one here</label>
      <button v-if="chosen === 'mouse3d' && devices?.mice.offered" class="plain" data-connect @click="connect">
        Connect a 3D mouse
      </button>
      <p class="does quiet" data-bench-does>{{ seen.does ? `now: ${seen.does}` : '' }}</p>
    </div>
    <div v-if="simulating" class="hands" data-hands>
      <PenBench v-if="chosen === 'pen'" />
      <FingersBench v-else-if="chosen === 'fingers'" />
      <GamepadBench v-else-if="chosen === 'gamepad'" />
      <MouseBench v-else />
    </div>
    <div class="arrives">
      <template v-if="chosen === 'gamepad' || chosen === 'mouse3d'">
        <DeviceSeen v-for="d in shownDevices()" :key="d.number" :open="open" :device="d" />
        <template v-if="!shownDevices().length">
          <p v-if="chosen === 'gamepad'" class="quiet">
            No gamepad is seen. Plug one in and press a button on it: browsers tell of it only then.
          </p>
          <p v-else-if="devices?.mice.offered" class="quiet">No 3D mouse is connected. The browser asks which one.</p>
          <p v-else class="quiet">This browser does not let pages read 3D mice; one can be simulated.</p>
        </template>
      </template>
      <dl v-else-if="reading && reading.sort === chosen" class="reading" data-reading>
        <dt>Last event</dt>
        <dd class="numbers">{{ reading.type }}</dd>
        <dt>At</dt>
        <dd class="numbers">{{ reading.x }}, {{ reading.y }}</dd>
        <dt>Pressure</dt>
        <dd class="numbers">{{ reading.pressure.toFixed(2) }}</dd>
        <template v-if="chosen === 'pen'">
          <dt>Tilt</dt>
          <dd class="numbers">{{ reading.tiltX }}°, {{ reading.tiltY }}°</dd>
          <dt>Buttons</dt>
          <dd class="numbers">{{ reading.buttons }}</dd>
        </template>
        <template v-else>
          <dt>On the glass</dt>
          <dd class="numbers">{{ reading.fingers }}</dd>
        </template>
      </dl>
      <p v-else class="quiet">
        {{ chosen === 'pen' ? 'No pen has been over the viewports yet.' : 'No finger has touched the viewports yet.' }}
      </p>
      <p v-if="told" class="quiet" role="status">{{ told }}</p>
    </div>
    <RecorderBar :open="open" :state="recorder" />
    <button class="plain close" data-command="app.bench" aria-label="Close the device bench" @click="run('app.bench')">
      ✕
    </button>
  </section>
</template>

<style scoped>
.bench {
  position: relative;
  display: flex;
  gap: 22px;
  height: 218px;
  padding: 10px 14px;
  border-top: 1px solid var(--line);
  background: var(--panel);
  overflow: auto hidden;
}
.bench > * {
  flex: none;
}
.side {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 6px;
  width: 148px;
}
.side .plain {
  margin-left: -8px;
}
h2 {
  font-size: 11.5px;
  letter-spacing: 0.09em;
  text-transform: uppercase;
  color: var(--quiet);
}
.sorts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-self: stretch;
  font-size: 13px;
}
.sorts button {
  padding: 0 4px;
}
.simulate {
  font-size: 13px;
}
.hands {
  display: flex;
  gap: 18px;
  font-size: 13px;
}
.arrives {
  max-width: 400px;
}
.reading {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 14px;
  margin: 0;
  font-size: 13px;
  justify-content: start;
}
.reading dd {
  margin: 0;
}
.does {
  margin-top: auto;
  font-size: 12.5px;
}
.close {
  position: absolute;
  right: 6px;
  top: 4px;
}
</style>
