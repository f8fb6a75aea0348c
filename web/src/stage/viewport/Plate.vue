<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ViewportSummary } from '../../core';
import { useStage } from '../open/store';
import LookChooser from './LookChooser.vue';
import DirectionChooser from './DirectionChooser.vue';
import { nameOf } from '../open/names';
import { useDrag, viewportAt } from '../input/drag';
import type { MenuItem } from '../../shared/menus/item';
import PlateChip from './PlateChip.vue';
import { useRun } from '../open/run';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary }>();
const store = useStage();
const run = useRun();
const follow = useDrag();

const lenses = computed<MenuItem[]>(() => [
  {
    label: props.view.projection === 'perspective' ? say('plate.make-flat') : say('plate.make-perspective'),
    command: 'view.toggle-projection',
  },
  { label: say('plate.opposite-side'), command: 'view.opposite' },
  { label: say('plate.level-the-horizon'), command: 'view.level' },
  { label: say('plate.quarter-roll-left'), command: 'view.quarter-roll', args: { to: 'left' }, half: true },
  { label: say('plate.quarter-roll-right'), command: 'view.quarter-roll', args: { to: 'right' }, half: true },
  { label: say('plate.zoom-in'), command: 'navigate.step-zoom', args: { to: 'in' }, half: true, apart: true },
  { label: say('plate.zoom-out'), command: 'navigate.step-zoom', args: { to: 'out' }, half: true },
  { label: say('plate.crop-in'), command: 'navigate.step-crop', args: { to: 'in' }, half: true },
  { label: say('plate.crop-out'), command: 'navigate.step-crop', args: { to: 'out' }, half: true },
  ...(props.view.crop ? [{ label: say('plate.picture-as-it-is'), command: 'view.reset-crop' }] : []),
  { label: say('plate.walk'), command: 'walk.start', half: true, apart: true },
  { label: say('plate.fly'), command: 'walk.fly', half: true },
  { label: say('plate.frame-selection'), command: 'view.frame-selection', half: true, apart: true },
  { label: say('plate.frame-all'), command: 'view.frame-all', half: true },
  { label: say('plate.go-home'), command: 'view.home', half: true },
  { label: say('plate.set-home-here'), command: 'view.set-home', half: true },
  { label: say('plate.put-home-back'), command: 'view.reset-home', half: true },
  { label: say('plate.pin-this-view'), command: 'pin.add', apart: true },
]);
const overlays = computed<MenuItem[]>(() =>
  props.view.overlays.map((o) => ({ label: o.label, command: 'display.overlay', args: { overlay: o.id }, on: o.on })),
);
/** Where there is little room, chips give way: what they hold is in a menu that stays, has a key, or is there again in solo. */
const narrow = computed(() => props.view.rect.width < (props.view.camera ? 460 : 340));
const tight = computed(() => props.view.rect.width < 190);
const others = computed(() => store.views.filter((v) => v.id !== props.view.id));
const places = computed<MenuItem[]>(() => [
  { label: props.view.solo ? say('plate.bring-all-viewports-back') : say('plate.solo'), command: 'board.solo' },
  { label: say('plate.split-side-by-side'), command: 'board.split', args: { to: 'right' }, half: true, apart: true },
  { label: say('plate.split-above-and-below'), command: 'board.split', args: { to: 'below' }, half: true },
  ...others.value.map((v, i) => ({
    label: say('plate.swap-with', nameOf(v, store.views)),
    command: 'board.swap',
    args: { with: v.id },
    half: true,
    apart: i < 2 && i === 0,
  })),
  ...(narrow.value ? [{ label: say('plate.pad'), command: 'pad.open', apart: true }] : []),
  ...(others.value.length ? [{ label: say('plate.close'), command: 'board.close', apart: true }] : []),
  { label: say('plate.back-in-the-trail'), command: 'trail.back', half: true, apart: true },
  { label: say('plate.forward'), command: 'trail.forward', half: true },
  { label: say('plate.snapshot'), command: 'app.snapshot' },
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
  guarded: say('plate.guarded-navigating-leaves-the-camera-where'),
  driven: say('plate.driven-navigating-moves-the-camera-click'),
  locked: say('plate.locked-navigating-moves-neither-the-camera'),
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
      :aria-label="say('plate.is', view.title, say(`plate.state.${view.cameraState}`))"
      :data-note="STATES[view.cameraState]"
      @click="run('camera.drive', {}, view.id)"
    >
      {{ say(`plate.state.${view.cameraState}`) }}
    </button>
    <button
      v-if="view.camera"
      class="chip"
      :class="{ bright: view.active }"
      data-command="camera.leave"
      :data-note="say('plate.leave-back-to-the-view-from', view.title)"
      :aria-label="say('plate.leave', view.title)"
      @click="run('camera.leave', {}, view.id)"
    >
      <svg viewBox="-8 -8 16 16" aria-hidden="true"><path d="M-7 0H4M-3-4-7 0-3 4M7-5V5" class="line" /></svg>
    </button>
    <PlateChip
      v-if="!tight"
      class="lens"
      :text="view.lens"
      :bright="view.active"
      :label="say('plate.lens-framing-and-home')"
      help="chip-lens"
      :choices="lenses"
      @choose="choose"
    />
    <LookChooser :view="view" />
    <PlateChip
      v-if="!tight"
      text=""
      :label="say('plate.overlays')"
      help="chip-overlays"
      :choices="overlays"
      @choose="choose"
    >
      <svg viewBox="-8 -8 16 16" aria-hidden="true">
        <path d="M0-7 7 0 0 7-7 0ZM-3.5-3.5 3.5 3.5M3.5-3.5-3.5 3.5" class="line" />
      </svg>
    </PlateChip>
    <PlateChip
      text=""
      :label="say('plate.viewport-split-swap-close')"
      help="chip-viewport"
      :choices="places"
      @choose="choose"
    >
      <svg viewBox="-8 -8 16 16" aria-hidden="true">
        <path d="M-7-5H7V5H-7ZM0-5V5" class="line" />
      </svg>
    </PlateChip>
    <button
      v-if="!narrow"
      class="pad"
      data-command="pad.open"
      :aria-label="say('plate.pad')"
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
