<script setup lang="ts">
import 'element-plus/theme-chalk/el-popper.css';
import { useEventListener } from '@vueuse/core';
import { onBeforeUnmount, ref, shallowRef } from 'vue';
import { isEscape, isTab } from '../../shared/focus/keys';
import type { HelpAnswers } from '../../core';
import { askedOf, tell, type Told } from './asked';
import HelpText from './HelpText.vue';

/** Says of what the pointer rests on, or the keyboard has come to, what it is. */
const props = defineProps<{ core: HelpAnswers | null; off?: boolean }>();
const emit = defineEmits<{ word: [id: string] }>();
/** So long a pointer rests, milliseconds, before anything is said; and so long what is said stays once it has left. */
const REST = 600;
const LEAVE = 250;

const anchor = shallowRef<HTMLElement>();
const told = shallowRef<Told | null>(null);
const bubble = ref<HTMLElement>();
/** What came by the keyboard lets presses through: the pointer is about something else. */
const byKeys = ref(false);
let near: HTMLElement | null = null;
let coming = 0;
let going = 0;

function hide() {
  window.clearTimeout(coming);
  window.clearTimeout(going);
  near = null;
  told.value = null;
}

function leave() {
  window.clearTimeout(coming);
  near = null;
  if (told.value) going = window.setTimeout(hide, LEAVE);
}

function come(target: EventTarget | null, keys: boolean) {
  const found = props.off ? null : askedOf(target);
  if (!found || found.element.closest('.help-bubble')) return leave();
  window.clearTimeout(going);
  if (found.element === near) return;
  leave();
  window.clearTimeout(going);
  near = found.element;
  const { element, asked } = found;
  coming = window.setTimeout(async () => {
    // Where the words cannot be had nothing is told; who asks on purpose learns why.
    const now = await tell(asked, props.core).catch(() => null);
    // Meanwhile the hand may be elsewhere, the thing gone, or a menu open where this would lie.
    const busy = element.getAttribute('aria-expanded') === 'true' || element.querySelector('[aria-expanded=true]');
    if (near !== element || !element.isConnected || busy) return;
    anchor.value = element;
    byKeys.value = keys;
    told.value = now;
  }, REST);
}

function over(e: PointerEvent) {
  // Fingers do not rest on things; they ask by "What is this?".
  if (e.pointerType === 'touch' || e.buttons) return;
  if (bubble.value?.contains(e.target as Node)) return window.clearTimeout(going);
  come(e.target, false);
}

function focused(e: FocusEvent) {
  const target = e.target as HTMLElement;
  if (bubble.value?.contains(target)) return;
  // Only who goes from control to control is told; a focus that comes back from a menu asks for nothing.
  if (tabbed) come(target, true);
  else hide();
}

let tabbed = false;
function press(e: PointerEvent) {
  if (bubble.value?.contains(e.target as Node)) return;
  tabbed = false;
  const element = near;
  hide();
  // The same thing says nothing more until the pointer has been elsewhere.
  near = element;
}

function key(e: KeyboardEvent) {
  tabbed = isTab(e);
  const inside = bubble.value?.contains(e.target as Node);
  if (isEscape(e) || (!tabbed && !inside && told.value)) hide();
}

const LISTENERS = [
  ['pointerover', over],
  ['pointerdown', press],
  ['focusin', focused],
  ['keydown', key],
  ['wheel', hide],
] as [string, EventListener][];
LISTENERS.forEach(([name, f]) => useEventListener(document, name, f, { capture: true, passive: true }));
onBeforeUnmount(hide);

function word(id: string) {
  hide();
  emit('word', id);
}
</script>

<template>
  <el-tooltip
    v-if="anchor"
    :visible="!!told"
    :virtual-ref="anchor"
    virtual-triggering
    placement="bottom"
    :offset="6"
    :show-arrow="false"
    :transition="'none'"
    :popper-class="byKeys ? 'help-bubble through' : 'help-bubble'"
  >
    <template #content>
      <div v-if="told" ref="bubble" data-help-bubble>
        <HelpText :told="told" @word="word" />
      </div>
    </template>
  </el-tooltip>
</template>

<style>
.help-bubble.el-popper {
  max-width: 330px;
  padding: 8px 12px;
  font-size: 13px;
  line-height: 1.4;
  color: var(--text);
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 0;
  clip-path: polygon(8px 0, 100% 0, 100% calc(100% - 8px), calc(100% - 8px) 100%, 0 100%, 0 8px);
}
.help-bubble.through {
  pointer-events: none;
}
</style>
