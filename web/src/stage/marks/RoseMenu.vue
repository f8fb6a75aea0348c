<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import type { ViewportSummary, ViewportMarks, Plain } from '../../core';
import type { MenuItem } from '../../shared/menus/item';
import { useRoving } from '../../shared/menus/roving';
import { useRun } from '../open/run';
import { say } from '../../words/say';

const props = defineProps<{ view: ViewportSummary; marks: ViewportMarks }>();
const emit = defineEmits<{ closed: [] }>();
const run = useRun();
const shown = ref(false);
const place = computed(() => {
  const f = props.marks.rose;
  const r = props.view.rect;
  return f ? { right: `${r.width - f.left - f.size}px`, bottom: `${r.height - f.top + 4}px` } : {};
});
const box = ref<HTMLElement>();
const { key, begin } = useRoving(box, () => close(), { ArrowUp: -1, ArrowDown: 1 });
const CHOICES: MenuItem[] = [
  // First what does no harm to who presses Enter too soon.
  { label: say('rose-menu.level-the-horizon'), command: 'view.level' },
  { label: say('rose-menu.perspective-or-flat'), command: 'view.toggle-projection' },
  { label: say('rose-menu.quarter-roll-left'), command: 'view.quarter-roll', args: { to: 'left' } },
  { label: say('rose-menu.quarter-roll-right'), command: 'view.quarter-roll', args: { to: 'right' } },
  { label: say('rose-menu.go-home'), command: 'view.home' },
  { label: say('rose-menu.set-home-to-this-view'), command: 'view.set-home' },
];

async function open() {
  shown.value = true;
  await nextTick();
  begin();
}

function close() {
  shown.value = false;
  emit('closed');
}

function choose(command: string, args: Plain = {}) {
  close();
  run(command, args, props.view.id);
}

function left(e: FocusEvent) {
  if (!box.value?.contains(e.relatedTarget as Node)) shown.value = false;
}

defineExpose({ open });
</script>

<template>
  <div
    v-if="shown"
    ref="box"
    class="menu clipped"
    role="menu"
    :aria-label="say('rose-menu.rose')"
    :style="place"
    @keydown="key"
    @focusout="left"
  >
    <button
      v-for="c in CHOICES"
      :key="c.label"
      class="plain"
      role="menuitem"
      :data-command="c.command"
      @click="choose(c.command, c.args)"
    >
      {{ c.label }}
    </button>
  </div>
</template>

<style scoped>
.menu {
  position: absolute;
  display: grid;
  background: var(--raised);
  padding: 6px 0;
  pointer-events: auto;
  z-index: 3;
}
.menu button {
  text-align: left;
  padding: 5px 18px;
  font-size: 13px;
}
</style>
