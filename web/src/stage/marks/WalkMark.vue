<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ViewportMarks, ViewportSummary } from '../../core';
import { capture } from '../input/hold';
import { useRun } from '../open/run';
import { useTriggers } from '../open/triggers';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks }>();
const walk = computed(() => props.marks.walk!);
const run = useRun();
const leaving = useTriggers('walk.leave');
const going = useTriggers('walk.go');
const stick = ref<HTMLElement>();
const at = ref<[number, number]>([0, 0]);

/** The stick forwards where it is held; how fast that is, the core knows. */
function hold(e: PointerEvent) {
  if (e.type === 'pointerdown') capture(stick.value!, e.pointerId);
  else if (!stick.value!.hasPointerCapture(e.pointerId)) return;
  const box = stick.value!.getBoundingClientRect();
  const x = ((e.clientX - box.left) / box.width) * 2 - 1;
  const y = 1 - ((e.clientY - box.top) / box.height) * 2;
  move(x, y);
  e.preventDefault();
}

function move(x: number, y: number) {
  at.value = [Math.max(-1, Math.min(1, x)), Math.max(-1, Math.min(1, y))];
  run('walk.stick', { right: x, ahead: y });
}
</script>

<template>
  <p
    class="speed numbers"
    :class="{ before: walk.before }"
    :style="{ left: `${walk.x}px`, top: `${walk.y + 18}px` }"
    data-walk
    role="status"
  >
    {{ walk.speed }}<span>{{ walk.words }}</span>
  </p>
  <button
    v-if="!walk.locked"
    class="leave"
    data-command="walk.leave"
    :data-note="say('walk-mark.leave-the-walk-and-stay-here', leaving.length ? ` (${leaving[0]})` : '')"
    @click="run('walk.leave', {}, view.id)"
  >
    {{ view.walking === 'fly' ? say('walk-mark.leave-the-flight') : say('walk-mark.leave-the-walk') }}
  </button>
  <div
    v-if="!walk.locked"
    ref="stick"
    class="stick"
    data-stick
    role="img"
    :aria-label="
      say(
        'walk-mark.walk-stick-press-towards-where-you',
        going.length ? `; ${say('walk-mark.do-the-same', going.join(', '))}` : '',
      )
    "
    @pointerdown="hold"
    @pointermove="hold"
    @pointerup="move(0, 0)"
    @pointercancel="move(0, 0)"
  >
    <svg viewBox="-50 -50 100 100" aria-hidden="true">
      <path class="field" d="M0-48 48 0 0 48-48 0Z" />
      <path class="way" d="M0-38 6-30H-6ZM0 38 6 30H-6ZM-38 0-30 6V-6ZM38 0 30 6V-6Z" />
      <path class="knob" d="M0-15 15 0 0 15-15 0Z" :transform="`translate(${at[0] * 26} ${at[1] * -26})`" />
    </svg>
  </div>
</template>

<style scoped>
.speed {
  position: absolute;
  transform: translateX(16px);
  font-size: 13px;
  padding: 2px 9px;
  background: var(--plate);
  white-space: nowrap;
}
.speed.before {
  transform: translateX(calc(-100% - 8px));
}
.speed span {
  font-family: var(--words);
  color: var(--quiet);
  margin-left: 9px;
}
.leave {
  position: absolute;
  left: 50%;
  top: 12px;
  transform: translateX(-50%);
  border: 0;
  padding: 5px 20px;
  font-size: 12.5px;
  background: var(--caution);
  color: var(--on-caution);
  cursor: pointer;
  pointer-events: auto;
  clip-path: polygon(9px 0, calc(100% - 9px) 0, 100% 100%, 0 100%);
}
.stick {
  position: absolute;
  left: 18px;
  bottom: 44px;
  width: 104px;
  height: 104px;
  pointer-events: auto;
  touch-action: none;
  cursor: pointer;
  clip-path: polygon(50% 0, 100% 50%, 50% 100%, 0 50%);
}
.field {
  fill: var(--plate);
  stroke: var(--quiet);
  stroke-width: 1.5;
}
.way {
  fill: var(--quiet);
}
.knob {
  fill: var(--accent);
}
</style>
