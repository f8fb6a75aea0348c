<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import type { HelpAnswers } from '../../core';
import { askedOf, tell, type Asked, type Told } from './asked';
import HelpText from './HelpText.vue';
import { isEscape } from '../../shared/focus/keys';
import { say } from '../../words/say';

/** While it is there, pointing at anything tells what it is, and no press does anything else. */
const props = defineProps<{ core: HelpAnswers }>();
const emit = defineEmits<{ word: [id: string]; end: [] }>();
const told = shallowRef<Told | null>(null);
const box = shallowRef<DOMRect | null>(null);
const wrong = ref('');
let count = 0;

/** What is on the canvas of the viewports only the core knows. */
function onStage(canvas: Element, x: number, y: number): Asked {
  const r = canvas.getBoundingClientRect();
  const there = props.core.at(x - r.left, y - r.top);
  return there.command
    ? { command: there.command, thing: null, note: '' }
    : { command: null, thing: there.thing, note: there.name };
}

async function ask(target: EventTarget | null, x: number, y: number) {
  const element = target instanceof Element ? target : null;
  if (!element || element.closest('[data-what]')) return;
  const canvas = element.closest('[data-stage] canvas');
  const found = canvas ? null : askedOf(element, true);
  const mine = ++count;
  const asked = canvas ? onStage(canvas, x, y) : found?.asked;
  const failed = (e: Error) => void (wrong.value = e.message);
  wrong.value = '';
  const now = (asked && (await tell(asked, props.core).catch(failed))) ?? null;
  if (mine !== count) return;
  told.value = now;
  box.value = canvas ? new DOMRect(x - 9, y - 9, 18, 18) : (found?.element.getBoundingClientRect() ?? null);
}

const ours = (e: Event) => e.target instanceof Element && !!e.target.closest('[data-what]');
function point(e: PointerEvent) {
  void ask(e.target, e.clientX, e.clientY);
  stop(e);
}
function focused(e: FocusEvent) {
  const r = (e.target as Element).getBoundingClientRect();
  void ask(e.target, r.left + r.width / 2, r.top + r.height / 2);
}
function stop(e: Event) {
  if (ours(e)) return;
  e.preventDefault();
  e.stopPropagation();
}
function key(e: KeyboardEvent) {
  if (isEscape(e)) {
    e.stopPropagation();
    e.preventDefault();
    emit('end');
  }
}
const LISTENERS = [
  ['pointermove', point],
  ['pointerdown', point],
  ['focusin', focused],
  ['keydown', key],
  ...['pointerup', 'mousedown', 'mouseup', 'click', 'dblclick', 'contextmenu', 'touchstart', 'touchend'].map(
    (n) => [n, stop] as const,
  ),
] as [string, EventListener][];
LISTENERS.forEach(([name, f]) => useEventListener(window, name, f, { capture: true, passive: false }));
</script>

<template>
  <Teleport to="body">
    <div
      v-if="box"
      class="place"
      :style="{ left: `${box.x}px`, top: `${box.y}px`, width: `${box.width}px`, height: `${box.height}px` }"
    />
    <aside class="what" role="status" data-what :aria-label="say('what-is-this.what-is-this')">
      <HelpText v-if="told" :told="told" @word="(id) => emit('word', id)" />
      <p v-else-if="wrong" class="ask wrong">{{ wrong }}</p>
      <p v-else class="ask">{{ say('what-is-this.point-at-anything-here-is-told') }}</p>
      <button class="plain end" @click="emit('end')">
        {{ say('what-is-this.enough') }} <kbd>{{ say('what-is-this.esc') }}</kbd>
      </button>
    </aside>
  </Teleport>
</template>

<style scoped>
.place {
  position: fixed;
  z-index: 3000;
  pointer-events: none;
  outline: 2px solid var(--accent);
  outline-offset: 2px;
}
.what {
  position: fixed;
  z-index: 3001;
  left: 50%;
  bottom: 48px;
  width: min(420px, calc(100vw - 32px));
  translate: -50% 0;
  padding: 12px 16px;
  background: var(--raised);
  border: 1px solid var(--accent);
  clip-path: polygon(12px 0, 100% 0, 100% calc(100% - 12px), calc(100% - 12px) 100%, 0 100%, 0 12px);
}
.ask {
  margin: 0;
}
.end {
  display: block;
  margin: 6px 0 -4px -6px;
  min-height: 26px;
}
</style>
<style>
body:has([data-what]),
body:has([data-what]) * {
  cursor: help !important;
}
</style>
