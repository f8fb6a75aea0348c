<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { useCore } from '../../core';
import type { Captured, KeyBinding } from '../../core';
import { modifiersOf } from '../../stage/modifiers';

const core = useCore();
const props = defineProps<{ binding: KeyBinding }>();
const emit = defineEmits<{ done: []; cancel: [] }>();
const seen = ref<Captured | null>(null);
const pad = ref<HTMLElement>();
let ends = new AbortController();
let timer = 0;

/** Lets the core watch the hand: everything done on the pad or the keyboard goes to it. */
function watchHand() {
  seen.value = null;
  core.keys.capture(true);
  ends = new AbortController();
  const on = { signal: ends.signal };
  const pointer = (e: PointerEvent) => {
    e.preventDefault();
    core.input.pointer(e.clientX, e.clientY, e.buttons, modifiersOf(e), false, e.timeStamp);
    look();
  };
  const area = pad.value!;
  area.focus();
  area.addEventListener('pointerdown', (e) => area.setPointerCapture(e.pointerId), on);
  for (const type of ['pointerdown', 'pointermove', 'pointerup'] as const) area.addEventListener(type, pointer, on);
  area.addEventListener('contextmenu', (e) => e.preventDefault(), on);
  area.addEventListener(
    'wheel',
    (e) => {
      e.preventDefault();
      core.input.wheel(0, 0, 0, e.deltaY, e.deltaMode, modifiersOf(e), e.timeStamp);
      look();
    },
    { ...on, passive: false },
  );
  const key = (e: KeyboardEvent) => {
    if (e.code === 'Tab') return;
    e.preventDefault();
    e.stopImmediatePropagation();
    if (e.type === 'keydown') core.input.keyDown(e.code, modifiersOf(e), e.repeat, e.timeStamp);
    else core.input.keyUp(e.code, modifiersOf(e), e.timeStamp);
    look();
  };
  area.addEventListener('keydown', key, on);
  area.addEventListener('keyup', key, on);
  timer = window.setInterval(() => {
    core.tick(performance.now());
    look();
  }, 60);
}

function look() {
  const c = core.keys.captured(props.binding.id);
  if (!c) return;
  stop();
  seen.value = c;
}

function stop() {
  core.keys.capture(false);
  ends.abort();
  window.clearInterval(timer);
}

function apply(how: 'set' | 'swap' | 'replace') {
  core.keys.rebind(how);
  emit('done');
}

onMounted(watchHand);
onBeforeUnmount(stop);
</script>

<template>
  <div class="rebind">
    <p>
      Another trigger for <b>{{ binding.words }}</b>, {{ binding.where }}. It has
      <kbd>{{ binding.trigger ?? 'none' }}</kbd> and needs {{ binding.needs }}.
    </p>
    <div
      ref="pad"
      class="pad clipped"
      tabindex="0"
      role="application"
      aria-label="Do the new trigger here"
      data-capture
    >
      <template v-if="seen">
        <kbd class="big">{{ seen.words }}</kbd>
      </template>
      <template v-else>Do it here: press the key, hold it and move, click, drag or turn the wheel.</template>
    </div>
    <p v-if="seen?.refused" class="bad" role="alert">{{ seen.refused }}</p>
    <p v-if="seen?.clash" class="bad" role="alert" data-clash>
      Clash: {{ seen.words }} already does “{{ seen.clash }}”. Swap both, or replace it so that “{{ seen.clash }}” has
      no trigger.
    </p>
    <p v-for="n in seen?.notes ?? []" :key="n" class="note">{{ n }}</p>
    <div class="choices">
      <template v-if="seen && !seen.refused">
        <template v-if="seen.clash">
          <el-button v-if="seen.canSwap" type="primary" data-choice="swap" @click="apply('swap')">Swap</el-button>
          <el-button data-choice="replace" @click="apply('replace')">Replace</el-button>
        </template>
        <el-button v-else type="primary" data-choice="set" @click="apply('set')">Use it</el-button>
      </template>
      <el-button v-if="seen" @click="watchHand">Do it again</el-button>
      <el-button @click="$emit('cancel')">Cancel</el-button>
    </div>
  </div>
</template>

<style scoped>
.rebind {
  display: grid;
  gap: 14px;
}
.pad {
  height: 210px;
  display: grid;
  place-items: center;
  color: var(--quiet);
  background: linear-gradient(var(--stage-high), var(--stage-low));
  touch-action: none;
  user-select: none;
}
.big {
  font-size: 22px;
  padding: 8px 18px;
  background: var(--panel);
}
.bad {
  color: var(--caution);
}
.note {
  color: var(--quiet);
}
.choices {
  display: flex;
  gap: 4px;
}
</style>
