<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Frame } from '../core';
import { useStage } from '../stores/stage';
import LookChooser from './LookChooser.vue';
import DirectionChooser from './DirectionChooser.vue';
import { nameOf } from './names';
import { drag as follow, viewportAt } from '../drags/drag';
import type { MenuItem } from '../menus/item';
import PlateChip from './PlateChip.vue';
import { useRun } from './run';

const props = defineProps<{ view: Frame }>();
const store = useStage();
const run = useRun();

const lenses = computed<MenuItem[]>(() => [
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
  { label: 'Put home back', command: 'view.reset-home', half: true },
  { label: 'Pin this view', command: 'pin.add', apart: true },
]);
const overlays = computed<MenuItem[]>(() =>
  props.view.overlays.map((o) => ({ label: o.label, command: 'display.overlay', args: { overlay: o.id }, on: o.on })),
);
/** Where there is little room, chips give way: what they hold is in a menu that stays, has a key, or is there again in solo. */
const narrow = computed(() => props.view.rect.width < (props.view.camera ? 460 : 340));
const tight = computed(() => props.view.rect.width < 190);
const others = computed(() => store.views.filter((v) => v.id !== props.view.id));
const places = computed<MenuItem[]>(() => [
  { label: props.view.solo ? 'Bring all viewports back' : 'Solo', command: 'board.solo' },
  { label: 'Split side by side', command: 'board.split', args: { to: 'right' }, half: true, apart: true },
  { label: 'Split above and below', command: 'board.split', args: { to: 'below' }, half: true },
  ...others.value.map((v, i) => ({
    label: `Swap with ${nameOf(v, store.views)}`,
    command: 'board.swap',
    args: { with: v.id },
    half: true,
    apart: i < 2 && i === 0,
  })),
  ...(narrow.value ? [{ label: 'Pad', command: 'pad.open', apart: true }] : []),
  ...(others.value.length ? [{ label: 'Close', command: 'board.close', apart: true }] : []),
  { label: 'Back in the Trail', command: 'trail.back', half: true, apart: true },
  { label: 'Forward', command: 'trail.forward', half: true },
  { label: 'Snapshot', command: 'app.snapshot' },
]);
const over = ref<string | null>(null);

function drag(e: PointerEvent) {
  follow(e, {
    at: viewportAt(props.view.id),
    over: (v) => {
      over.value = v ?? null;
      store.target = v ?? null;
    },
    drop: (v) => run('board.swap', { with: v }, props.view.id),
  });
}

/** What navigating does to the camera one looks through, and what a click on these words changes. */
const STATES = {
  guarded: 'Guarded: navigating leaves the camera where it is. Click to drive it.',
  driven: 'Driven: navigating moves the camera. Click to guard it.',
  locked: 'Locked: navigating moves neither the camera nor this view. It is unlocked in the Scene drawer.',
};

function choose(c: MenuItem) {
  run(c.command, c.args ?? {}, props.view.id);
}
</script>

<template>
  <div
    class="plate"
    :class="{ dragged: over, beside: view.rect.width >= 400, narrow }"
    data-about="plate"
    data-plate
    @focusin="run('board.activate', {}, view.id)"
    @pointerdown="drag"
  >
    <DirectionChooser :view="view" />
    <button
      v-if="view.cameraState"
      class="state"
      :class="view.cameraState"
      data-command="camera.drive"
      :aria-pressed="view.cameraState === 'driven'"
      :aria-label="`${view.title} is ${view.cameraState}`"
      :data-note="STATES[view.cameraState]"
      @click="run('camera.drive', {}, view.id)"
    >
      {{ view.cameraState }}
    </button>
    <button
      v-if="view.camera"
      class="chip"
      :class="{ bright: view.active }"
      data-command="camera.leave"
      :data-note="`Leave ${view.title}: back to the view from before`"
      :aria-label="`Leave ${view.title}`"
      @click="run('camera.leave', {}, view.id)"
    >
      <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-7 0H4M-3-4-7 0-3 4M7-5V5" class="line" /></svg>
    </button>
    <PlateChip
      v-if="!tight"
      class="lens"
      :text="view.lens"
      :bright="view.active"
      label="Lens, framing and home"
      help="chip-lens"
      :choices="lenses"
      @choose="choose"
    />
    <LookChooser :view="view" />
    <PlateChip v-if="!tight" text="" label="Overlays" help="chip-overlays" :choices="overlays" @choose="choose">
      <svg viewBox="-8 -8 16 16" aria-hidden="true">
        <path d="M0-7 7 0 0 7-7 0ZM-3.5-3.5 3.5 3.5M3.5-3.5-3.5 3.5" class="line" />
      </svg>
    </PlateChip>
    <PlateChip text="" label="Viewport: split, swap, close" help="chip-viewport" :choices="places" @choose="choose">
      <svg viewBox="-8 -8 16 16" aria-hidden="true">
        <path d="M-7-5H7V5H-7ZM0-5V5" class="line" />
      </svg>
    </PlateChip>
    <button v-if="!narrow" class="pad" data-command="pad.open" aria-label="Pad" @click="run('pad.open', {}, view.id)">
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
  /* A layer of its own, so that the browser does not make one as large as the picture. */
  will-change: transform;
  position: absolute;
  left: 0;
  bottom: 0;
  display: flex;
  font-size: 12.5px;
  pointer-events: auto;
  max-width: 100%;
  touch-action: none;
}
/* The Rose stands beside it. */
.beside {
  max-width: calc(100% - 88px);
}
/* The name of the look gives way first, then a long name of a camera. */
.plate > * {
  flex-shrink: 0;
}
.plate > .look {
  flex-shrink: 1;
}
.plate > .chip {
  max-width: 50%;
}
.dragged {
  opacity: 0.6;
}
.line {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.4;
}
.plate svg {
  width: 16px;
  height: 16px;
  vertical-align: -3px;
}
.pad {
  border: 0;
  padding: 0 12px 0 10px;
  flex: none;
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
.state {
  border: 0;
  padding: 4px 16px 4px 14px;
  font-size: 12.5px;
  line-height: 18px;
  background: var(--raised);
  color: var(--quiet);
  cursor: pointer;
  clip-path: polygon(9px 0, calc(100% - 9px) 0, 100% 100%, 0 100%);
}
.state:hover {
  color: var(--text);
}
.driven {
  background: var(--caution);
  color: var(--on-caution);
  font-weight: 700;
}
.driven:hover {
  color: var(--on-caution);
}
.state:focus-visible {
  outline-offset: -3px;
}
</style>
