<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore, type RecorderState } from '../../core';
import type { OpenScene } from '../../stage/openScene';
import { readJson } from '../common/readJson';
import { saveJson } from '../common/saveAs';

/** Records what the hand does with any device, and does it again. */
const props = defineProps<{ open: OpenScene; state: RecorderState }>();
const core = useCore();
const input = ref<HTMLInputElement>();
const told = ref('');
const LARGEST = 32 << 20;
const played = computed(() => `playing · ${props.state.at.toFixed(1)} of ${props.state.seconds.toFixed(1)} s`);

function act(what: () => void) {
  told.value = '';
  what();
  props.open.wake();
}

const play = () => core.devices.play(performance.now());

async function read() {
  const file = input.value?.files?.[0];
  if (!file) return;
  try {
    told.value = core.devices.bringRecording(await readJson(file, LARGEST, 'A recording')) ?? 'Read; it can be played.';
  } catch (e) {
    told.value = `${(e as Error).message}.`;
  }
  if (input.value) input.value.value = '';
  props.open.wake();
}
</script>

<template>
  <div class="recorder" data-recorder>
    <h3>Recording of the hand</h3>
    <p class="numbers" role="status" data-recorder-state>
      <template v-if="state.recording">recording · {{ state.events }} events</template>
      <template v-else-if="state.playing">{{ played }}</template>
      <template v-else-if="state.events">{{ state.events }} events · {{ state.seconds.toFixed(1) }} s</template>
      <template v-else>nothing recorded yet</template>
    </p>
    <p v-if="state.playing" class="quiet">A press of any key or button ends it.</p>
    <p v-if="told" class="quiet" role="status">{{ told }}</p>
    <div>
      <button
        v-if="state.recording || state.playing"
        class="plain"
        data-record="stop"
        @click="act(() => core.devices.stop())"
      >
        Stop
      </button>
      <template v-else>
        <button class="plain" data-record="start" @click="act(() => core.devices.record())">Record</button>
        <button class="plain" data-record="play" :disabled="!state.events" @click="act(play)">Play</button>
        <button
          class="plain"
          data-record="save"
          :disabled="!state.events"
          @click="saveJson(core.devices.recording(), 'Recording of a hand.json')"
        >
          Save
        </button>
        <button class="plain" data-record="read" @click="input?.click()">Read a file</button>
      </template>
      <input ref="input" type="file" accept=".json,application/json" hidden @change="read" />
    </div>
  </div>
</template>

<style scoped>
.recorder {
  display: grid;
  gap: 4px;
  align-content: start;
  width: 160px;
  font-size: 13px;
}
h3 {
  font-size: 13px;
}
.recorder > div {
  margin-left: -8px;
  display: flex;
  flex-wrap: wrap;
  max-width: 160px;
}
</style>
