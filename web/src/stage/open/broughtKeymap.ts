import type { Core } from '../../core';
import { holdsKeymap, keymapFromFragment } from './address';

const KEY = 'rhombus:brought-keymap';

/** Remembers the keymap of an address until a scene is open in which it can be looked at; says whether one waits. */
export function keepBrought(): boolean {
  if (holdsKeymap(window.location.hash)) sessionStorage.setItem(KEY, window.location.hash);
  return sessionStorage.getItem(KEY) !== null;
}

/** Tells of the keymap that came with an address, once. */
export async function tellBrought(core: Core, tell: (words: string) => void): Promise<void> {
  keepBrought();
  const hash = sessionStorage.getItem(KEY);
  sessionStorage.removeItem(KEY);
  try {
    const keymap = hash && (await keymapFromFragment(hash));
    if (keymap) core.stage.keymaps.came(keymap);
  } catch (e) {
    tell((e as Error).message);
  }
}
