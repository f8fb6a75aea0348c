import { computed, reactive, watch, type Ref } from 'vue';
import type { Plain } from '../core';
import { expectField } from '../shared/focus/typeAhead';
import { PANELS, type Panel } from './panels';

/** Which panels are shown. Where there is little room drawers lie over the viewports, one at a time, and are away at first. */
export function usePanels(clear: Ref<boolean>, ready: Ref<boolean>, narrow: Ref<boolean>) {
  const shown = reactive<Record<string, boolean>>(Object.fromEntries(PANELS.map((p) => [p.name, !!p.shown])));
  const told = reactive<Record<string, Plain>>({});
  const at = (place: Panel['place']) => PANELS.filter((p) => p.place === place);
  const there = (p: Panel) => shown[p.name] && (p.stays ? ready.value : !clear.value);

  const drawers = PANELS.filter((p) => p.place === 'left' || p.place === 'right').map((p) => p.name);
  /** The drawers that were there before there was too little room for them. */
  let before: string[] = [];
  watch(
    narrow,
    (on) => {
      if (on) before = drawers.filter((d) => shown[d]);
      for (const d of drawers) shown[d] = !on && before.includes(d);
    },
    { immediate: narrow.value },
  );

  function toggle(name: string) {
    const on = !shown[name];
    if (on && narrow.value) for (const d of drawers) shown[d] = false;
    shown[name] = on;
  }

  /** Does what a command means for a panel; gives false if it is none of theirs. */
  function answer(command: string, args: Plain): boolean {
    const panel = PANELS.find((p) => p.command === command);
    if (panel) told[panel.name] = args;
    if (panel?.field && !shown[panel.name]) expectField();
    if (panel) shown[panel.name] = panel.place === 'dialog' || args.on === true || !shown[panel.name];
    return !!panel;
  }
  return {
    shown,
    /** What each was told when it was opened last. */
    told,
    answer,
    toggle,
    left: computed(() => at('left').filter(there)),
    right: computed(() => at('right').filter(there)),
    low: computed(() => at('low').filter(there)),
    dialogs: at('dialog'),
  };
}
