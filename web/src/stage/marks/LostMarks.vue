<script setup lang="ts">
import { computed } from 'vue';
import type { ViewportMarks, ViewportSummary } from '../../core';
import { useRun } from '../open/run';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks }>();
const off = computed(() => props.view.overlays.some((o) => o.id === 'meshes' && !o.on));
const run = useRun();
</script>

<template>
  <button
    v-if="marks.beacon"
    class="beacon"
    data-beacon
    data-help="beacon"
    data-command="view.frame-selection"
    :class="{ left: marks.beacon.x > view.rect.width / 2 }"
    :style="{ left: `${marks.beacon.x}px`, top: `${marks.beacon.y}px` }"
    :data-note="say('lost-marks.frame', marks.beacon.name)"
    @click="run('view.frame-selection', {}, view.id)"
  >
    <svg viewBox="-13 -13 26 26" width="26" height="26" aria-hidden="true">
      <path d="M0-11 11 0 0 11-11 0Z" class="ground" />
      <path d="M-4-5 5 0-4 5" :transform="`rotate(${marks.beacon.angle})`" class="arrow" />
    </svg>
    <span class="words"
      >{{ marks.beacon.name }} <span class="numbers">{{ marks.beacon.distance }}</span></span
    >
  </button>
  <div v-if="marks.empty && view.rect.width > 170 && view.rect.height > 130" class="empty clipped" data-empty>
    <template v-if="off">
      <p>{{ say('lost-marks.meshes-are-off-in-this-viewport') }}</p>
      <button
        class="plain"
        data-command="display.overlay"
        @click="run('display.overlay', { overlay: 'meshes' }, view.id)"
      >
        {{ say('lost-marks.show-meshes') }}
      </button>
    </template>
    <template v-else>
      <p>{{ say('lost-marks.nothing-is-in-view-here') }}</p>
      <button class="plain" data-command="view.frame-all" @click="run('view.frame-all', {}, view.id)">
        {{ say('lost-marks.frame-all') }}
      </button>
      <button class="plain" data-command="view.home" @click="run('view.home', {}, view.id)">
        {{ say('lost-marks.go-home') }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.beacon {
  position: absolute;
  pointer-events: auto;
  height: 26px;
  width: 26px;
  margin: -13px 0 0 -13px;
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
  color: var(--text);
}
.ground {
  fill: var(--panel);
  stroke: var(--pick);
  stroke-width: 1.6;
}
.arrow {
  fill: none;
  stroke: var(--pick);
  stroke-width: 2.2;
}
.words {
  position: absolute;
  top: 5px;
  left: 30px;
  white-space: nowrap;
  max-width: 190px;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 12px;
  padding: 0 6px;
  background: color-mix(in srgb, var(--panel) 82%, transparent);
}
.left .words {
  left: auto;
  right: 30px;
}
.numbers {
  color: var(--quiet);
}
.empty {
  position: absolute;
  left: 50%;
  top: 32%;
  transform: translate(-50%, -50%);
  text-align: center;
  padding: 10px 18px;
  background: color-mix(in srgb, var(--panel) 88%, transparent);
}
.empty p {
  margin: 0 0 4px;
}
/* Only the buttons stop the hand: what is under the words is still the viewport. */
.empty .plain {
  pointer-events: auto;
  color: var(--accent);
}
</style>
