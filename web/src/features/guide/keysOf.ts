import { api } from '../../api/api';
import { newSession, type Core } from '../../core';
import { tellMachine } from '../../core/machine';
import { say } from '../../words/say';

/** A core without a scene that knows the user's keymap, for pages that tell of keys; with a note where they could not be had. */
export async function keysOf(): Promise<{ core: Core; note: string }> {
  const core = newSession();
  try {
    const [keymap] = await Promise.all([api.kept('/api/keymaps/active'), tellMachine(core)]);
    const wrong = keymap.body && core.stage.keymaps.useKept(keymap.body);
    return { core, note: wrong ? say('keys-of.your-keymaps-could-not-be-used') : '' };
  } catch {
    return { core, note: say('keys-of.your-keys-could-not-be-fetched') };
  }
}
