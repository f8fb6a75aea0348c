<script setup lang="ts">
import { computed } from 'vue';
import * as core from '../core';
import type { Plain, View } from '../core';
import { useStage } from '../stores/stage';
import PlateChip, { type Choice } from './PlateChip.vue';
import { useRun } from './run';

const props = defineProps<{ view: View }>();
const store = useStage();
const run = useRun();

const DIRECTIONS = ['top', 'bottom', 'front', 'back', 'left', 'right'];
const cameras = computed(() => store.objects.filter((o) => o.kind === 'camera'));
const directions = computed<Choice[]>(() => [
  ...DIRECTIONS.map((d) => ({
    label: d[0]!.toUpperCase() + d.slice(1),
    command: 'view.direction',
    args: { to: d, flat: true } as Plain,
    on: props.view.direction === d && !props.view.camera,
    half: true,
  })),
  { label: 'Scout', command: 'view.scout', on: props.view.title === 'Scout', apart: true },
  ...cameras.value.map((c, i) => ({
    label: c.name || c.id,
    note: 'camera, guarded',
    command: 'camera.look-through',
    args: { camera: c.id } as Plain,
    on: props.view.camera === c.id,
    apart: i === 0,
  })),
]);
const lenses = computed<Choice[]>(() => [
  {
    label: props.view.projection === 'perspective' ? 'Make flat' : 'Make perspective',
    command: 'view.toggle-projection',
  },
  { label: 'Opposite side', command: 'view.opposite' },
  { label: 'Level the horizon', command: 'view.level' },
  { label: 'Quarter roll left', command: 'view.quarter-roll', args: { to: 'left' }, half: true },
  { label: 'Quarter roll right', command: 'view.quarter-roll', args: { to: 'right' }, half: true },
  { label: 'Zoom in', command: 'navigate.step-zoom', args: { to: 'in' }, half: true, apart: true },
  { label: 'Zoom out', command: 'navigate.step-zoom', args: { to: 'out' }, half: true },
  { label: 'Crop in', command: 'navigate.step-crop', args: { to: 'in' }, half: true },
  { label: 'Crop out', command: 'navigate.step-crop', args: { to: 'out' }, half: true },
  ...(props.view.crop ? [{ label: 'Picture as it is', command: 'view.reset-crop' }] : []),
  { label: 'Walk', command: 'walk.start', half: true, apart: true },
  { label: 'Fly', command: 'walk.fly', half: true },
  { label: 'Frame selection', command: 'view.frame-selection', half: true, apart: true },
  { label: 'Frame all', command: 'view.frame-all', half: true },
  { label: 'Go home', command: 'view.home', half: true },
  { label: 'Set home here', command: 'view.set-home', half: true },
  { label: props.view.solo ? 'Bring all viewports back' : 'Solo', command: 'board.solo', apart: true },
]);
const MODES = core.displayModes();
const displays = computed<Choice[]>(() =>
  MODES.map((m) => ({ label: m.label, command: 'display.set', args: { mode: m.id }, on: props.view.display === m.id })),
);

function choose(c: Choice) {
  run(c.command, c.args ?? {}, props.view.id);
}
</script>

<template>
  <div class="plate" data-plate @focusin="run('board.activate', {}, view.id)">
    <PlateChip
      :text="view.title"
      :lead="view.active"
      label="Direction or camera"
      :choices="directions"
      @choose="choose"
    />
    <button
      v-if="view.camera"
      class="leave"
      data-command="camera.leave"
      :title="`Leave ${view.title}; the camera stays where it is`"
      @click="run('camera.leave', {}, view.id)"
    >
      leave
    </button>
    <PlateChip
      :text="view.lens"
      :bright="view.active"
      label="Lens, framing and home"
      :choices="lenses"
      @choose="choose"
    />
    <PlateChip
      :text="view.displayLabel"
      :bright="view.active"
      label="Display mode"
      :choices="displays"
      @choose="choose"
    />
    <button
      class="pad"
      data-command="pad.open"
      title="Pad: nine motions to drag or to pick up with a click (hold G)"
      aria-label="Pad"
      @click="run('pad.open', {}, view.id)"
    >
      <svg viewBox="-8 -8 16 16" aria-hidden="true">
        <path
          d="M0-7 2.2-4.8 0-2.6-2.2-4.8ZM0 7 2.2 4.8 0 2.6-2.2 4.8ZM-7 0-4.8 2.2-2.6 0-4.8-2.2ZM7 0 4.8 2.2 2.6 0 4.8-2.2Z"
        />
        <path class="middle" d="M0-2.2 2.2 0 0 2.2-2.2 0Z" />
      </svg>
    </button>
  </div>
</template>

<style scoped>
.plate {
  position: absolute;
  left: 0;
  bottom: 0;
  display: flex;
  font-size: 12.5px;
  pointer-events: auto;
  max-width: calc(100% - 70px);
}
.pad {
  border: 0;
  padding: 0 12px 0 10px;
  margin-left: 2px;
  background: var(--plate);
  cursor: pointer;
  clip-path: polygon(9px 0, calc(100% - 9px) 0, 100% 100%, 0 100%);
}
.pad svg {
  width: 18px;
  height: 18px;
  vertical-align: middle;
  fill: var(--quiet);
}
.pad .middle {
  fill: var(--accent);
}
.pad:hover svg {
  fill: var(--text);
}
.leave {
  border: 0;
  padding: 3px 12px;
  margin-left: -4px;
  font-size: 12.5px;
  background: var(--caution);
  color: #1c1300;
  cursor: pointer;
  clip-path: polygon(0 0, calc(100% - 9px) 0, 100% 100%, 9px 100%);
}
:root[data-theme='chalk'] .leave {
  color: #fff;
}
</style>
