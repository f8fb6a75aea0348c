import * as core from '../core';
import { Keeper } from '../stores/keeper';

/** Everything that is kept for the user, in the order in which it is named where something has to be settled. */
export interface Kept {
  workspace: Keeper;
  boards: Keeper;
  pins: Keeper;
  keymap: Keeper;
  habits: Keeper;
  edits: Keeper;
}

/** The documents of a scene and of its user: where they are, and which functions of the core give and take them. */
export function kept(id: string, wake: () => void, tell: (words: string) => void): Kept {
  const scene = `/api/scenes/${encodeURIComponent(id)}`;
  /** A document that the core may find unusable, with what is said then. */
  const read = (
    path: string,
    of: () => core.Plain,
    use: (body: core.Plain) => string | null,
    words: (why: string) => string,
  ) =>
    new Keeper(path, of, (body) => {
      const wrong = use(body);
      if (wrong) tell(words(wrong));
      wake();
    });
  const plain = (use: (body: core.Plain) => void) => (body: core.Plain) => {
    use(body);
    return null;
  };
  return {
    workspace: read(`${scene}/workspace`, core.workspace, plain(core.restore), String),
    boards: read(
      '/api/boards',
      core.keepBoards,
      core.useBoards,
      (why) => `Your boards could not be used (${why}); the ones to start with are here.`,
    ),
    pins: read(`${scene}/pins`, core.keepPins, core.usePins, (why) => `Your Pins could not be used (${why}).`),
    keymap: read(
      '/api/keymaps/active',
      core.keymap,
      core.useKeymap,
      (why) => `Your keymap could not be used (${why}); the preset is on instead.`,
    ),
    habits: read('/api/habits', core.habits, plain(core.useHabits), String),
    edits: read(
      `${scene}/edits`,
      core.keepEdits,
      core.useEdits,
      (why) => `What was changed in this scene cannot be used: ${why}.`,
    ),
  };
}
