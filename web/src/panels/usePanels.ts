import { computed, reactive, type Ref } from 'vue';
import type { Plain } from '../core';
import { PANELS, type Panel } from './all';

/** Which panels are shown. */
export function usePanels(clear: Ref<boolean>, ready: Ref<boolean>) {
  const shown = reactive<Record<string, boolean>>(Object.fromEntries(PANELS.map((p) => [p.name, !!p.shown])));
  const told = reactive<Record<string, Plain>>({});
  const at = (place: Panel['place']) => PANELS.filter((p) => p.place === place);
  const there = (p: Panel) => shown[p.name] && (p.stays ? ready.value : !clear.value);

  /** Does what a command means for a panel; gives false if it is none of theirs. */
  function answer(command: string, args: Plain): boolean {
    const panel = PANELS.find((p) => p.command === command);
    if (panel) told[panel.name] = args;
    if (panel) shown[panel.name] = panel.place === 'dialog' || args.on === true || !shown[panel.name];
    return !!panel;
  }
  return {
    shown,
    /** What each was told when it was opened last. */
    told,
    answer,
    left: computed(() => at('left').filter(there)),
    right: computed(() => at('right').filter(there)),
    low: computed(() => at('low').filter(there)),
    dialogs: at('dialog'),
  };
}
