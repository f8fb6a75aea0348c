<script setup lang="ts">
import { useRafFn } from '@vueuse/core';
import { onBeforeUnmount, ref } from 'vue';
import { useCore, type DevicesState, type RecorderState } from '../../core';
import { useDevices } from '../../stage/input/devices/useDevices';
import type { OpenScene } from '../../stage/open/openScene';
import { useRun } from '../../stage/open/run';
import DeviceSeen from './DeviceSeen.vue';
import FingersBench from './FingersBench.vue';
import GamepadBench from './GamepadBench.vue';
import MouseBench from './MouseBench.vue';
import PenBench from './PenBench.vue';
import RecorderBar from './RecorderBar.vue';
import { watchPointers } from './pointers';
import { fixed } from '../../words/numbers';
import { say } from '../../words/say';

/** Devices side by side with the viewports: what arrives of real ones, simulated ones to try, recording and replay. */
defineProps<{ open: OpenScene }>();
const core = useCore();
const run = useRun();
const devices = useDevices();
const SORTS = [
  { id: 'pen', label: say('bench-panel.pen') },
  { id: 'fingers', label: say('bench-panel.fingers') },
  { id: 'gamepad', label: say('bench-panel.gamepad') },
  { id: 'mouse3d', label: say('bench-panel.3d-mouse') },
] as const;
const chosen = ref<(typeof SORTS)[number]['id']>('gamepad');
const simulating = ref(false);
const seen = ref<DevicesState>({ devices: [] });
const recorder = ref<RecorderState>(core.stage.recorder.state());
const told = ref('');
const { reading, stop } = watchPointers();

useRafFn(() => {
  seen.value = core.stage.devices.state();
  recorder.value = core.stage.recorder.state();
});

async function connect() {
  told.value = (await devices?.mice.choose()) ?? '';
}

const shownDevices = () => seen.value.devices.filter((d) => d.sort === chosen.value);

onBeforeUnmount(stop);
</script>

<template>
  <section class="bench" data-bench :aria-label="say('bench-panel.device-bench')">
    <div class="side">
      <h2>{{ say('bench-panel.device-bench') }}</h2>
      <div class="ways sorts" role="group" :aria-label="say('bench-panel.device')">
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
      <label class="simulate"
        ><input v-model="simulating" type="checkbox" data-simulate /> {{ say('bench-panel.simulate-one-here') }}</label
      >
      <button v-if="chosen === 'mouse3d' && devices?.mice.offered" class="plain" data-connect @click="connect">
        {{ say('bench-panel.connect-a-3d-mouse') }}
      </button>
      <p class="does quiet" data-bench-does>{{ seen.does ? say('bench-panel.now', seen.does) : '' }}</p>
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
            {{ say('bench-panel.no-gamepad-is-seen-plug-one') }}
          </p>
          <p v-else-if="devices?.mice.offered" class="quiet">{{ say('bench-panel.no-3d-mouse-is-connected-the') }}</p>
          <p v-else class="quiet">{{ say('bench-panel.this-browser-does-not-let-pages') }}</p>
        </template>
      </template>
      <dl v-else-if="reading && reading.sort === chosen" class="reading" data-reading>
        <dt>{{ say('bench-panel.last-event') }}</dt>
        <dd class="numbers">{{ reading.type }}</dd>
        <dt>{{ say('bench-panel.at') }}</dt>
        <dd class="numbers">{{ reading.x }}, {{ reading.y }}</dd>
        <dt>{{ say('bench-panel.pressure') }}</dt>
        <dd class="numbers">{{ fixed(reading.pressure, 2) }}</dd>
        <template v-if="chosen === 'pen'">
          <dt>{{ say('bench-panel.tilt') }}</dt>
          <dd class="numbers">{{ reading.tiltX }}°, {{ reading.tiltY }}°</dd>
          <dt>{{ say('bench-panel.buttons') }}</dt>
          <dd class="numbers">{{ reading.buttons }}</dd>
        </template>
        <template v-else>
          <dt>{{ say('bench-panel.on-the-glass') }}</dt>
          <dd class="numbers">{{ reading.fingers }}</dd>
        </template>
      </dl>
      <p v-else class="quiet">
        {{
          chosen === 'pen'
            ? say('bench-panel.no-pen-has-been-over-the')
            : say('bench-panel.no-finger-has-touched-the-viewports')
        }}
      </p>
      <p v-if="told" class="quiet" role="status">{{ told }}</p>
    </div>
    <RecorderBar :open="open" :state="recorder" />
    <button
      class="plain close"
      data-command="app.bench"
      :aria-label="say('bench-panel.close-the-device-bench')"
      @click="run('app.bench')"
    >
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
