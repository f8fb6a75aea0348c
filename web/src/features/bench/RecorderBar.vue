<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCore, type RecorderState } from '../../core';
import type { OpenScene } from '../../stage/open/openScene';
import { readJson } from '../../shared/readJson';
import { saveJson } from '../../shared/saveAs';
import { fixed } from '../../words/numbers';
import { say } from '../../words/say';

/** Records what the hand does with any device, and does it again. */
const props = defineProps<{ open: OpenScene; state: RecorderState }>();
const core = useCore();
const input = ref<HTMLInputElement>();
const told = ref('');
const LARGEST = 32 << 20;
const played = computed(() =>
  say('recorder-bar.playing-of-s', fixed(props.state.at, 1), fixed(props.state.seconds, 1)),
);

function act(what: () => void) {
  told.value = '';
  what();
  props.open.wake();
}

const play = () => core.stage.recorder.play(performance.now());

async function read() {
  const file = input.value?.files?.[0];
  if (!file) return;
  try {
    told.value =
      core.stage.recorder.bring(await readJson(file, LARGEST, say('recorder-bar.a-recording'))) ??
      say('recorder-bar.read-it-can-be-played');
  } catch (e) {
    told.value = `${(e as Error).message}.`;
  }
  if (input.value) input.value.value = '';
  props.open.wake();
}
</script>

<template>
  <div class="recorder" data-recorder>
    <h3>{{ say('recorder-bar.recording-of-the-hand') }}</h3>
    <p class="numbers" role="status" data-recorder-state>
      <template v-if="state.recording">{{ say('recorder-bar.recording-events', state.events) }}</template>
      <template v-else-if="state.playing">{{ played }}</template>
      <template v-else-if="state.events">
        {{ say('recorder-bar.events-s', state.events, fixed(state.seconds, 1)) }}
      </template>
      <template v-else>{{ say('recorder-bar.nothing-recorded-yet') }}</template>
    </p>
    <p v-if="state.playing" class="quiet">{{ say('recorder-bar.a-press-of-any-key-or') }}</p>
    <p v-if="told" class="quiet" role="status">{{ told }}</p>
    <div>
      <button
        v-if="state.recording || state.playing"
        class="plain"
        data-record="stop"
        @click="act(() => core.stage.recorder.stop())"
      >
        {{ say('recorder-bar.stop') }}
      </button>
      <template v-else>
        <button class="plain" data-record="start" @click="act(() => core.stage.recorder.record())">
          {{ say('recorder-bar.record') }}
        </button>
        <button class="plain" data-record="play" :disabled="!state.events" @click="act(play)">
          {{ say('recorder-bar.play') }}
        </button>
        <button
          class="plain"
          data-record="save"
          :disabled="!state.events"
          @click="saveJson(core.stage.recorder.toPlain(), say('recorder-bar.recording-of-a-hand-json'))"
        >
          {{ say('recorder-bar.save') }}
        </button>
        <button class="plain" data-record="read" @click="input?.click()">{{ say('recorder-bar.read-a-file') }}</button>
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
