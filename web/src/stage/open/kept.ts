import type { Core, Plain } from '../../core';
import { Keeper, type Merge } from './keeper';
import { say } from '../../words/say';

/** Everything that is kept for the user, in the order in which it is named where something has to be settled. */
export interface Kept {
  workspace: Keeper;
  boards: Keeper;
  pins: Keeper;
  keymap: Keeper;
  habits: Keeper;
  edits: Keeper;
}

/** What each of them is called, in their order. */
export const KEPT_WORDS = [
  say('kept.the-views-of-this-scene'),
  say('kept.your-boards'),
  say('kept.the-pins-of-this-scene'),
  say('kept.your-keys'),
  say('kept.your-habits'),
  say('kept.the-changes-of-this-scene'),
];

/** The documents of a scene and of its user: where they are, and which functions of the core give and take them. */
export function kept(core: Core, id: string, wake: () => void, tell: (words: string) => void): Kept {
  const scene = `/api/scenes/${encodeURIComponent(id)}`;
  /** A document that the core may find unusable, with what is said then. */
  const read = (
    path: string,
    of: () => Plain,
    use: (body: Plain) => string | null,
    words: (why: string) => string,
    merge: Merge | null = null,
  ) =>
    new Keeper(
      path,
      of,
      (body) => {
        const wrong = use(body);
        if (wrong) tell(words(wrong));
        wake();
      },
      merge,
    );
  /** What belongs to the person and not to the scene, two windows change at the same time: it is brought together. */
  const merged =
    (what: string): Merge =>
    (base, theirs, prefers) => {
      const how = core.stage.merging.merge(what, base, theirs, prefers);
      wake();
      return how;
    };
  const { documents, keymaps } = core.stage;
  const { settings } = core;
  const plain = (use: (body: Plain) => void) => (body: Plain) => {
    use(body);
    return null;
  };
  return {
    workspace: read(
      `${scene}/workspace`,
      () => documents.workspace(),
      plain((body) => documents.restore(body)),
      String,
    ),
    boards: read(
      '/api/boards',
      () => documents.boards(),
      (body) => documents.useBoards(body),
      (why) => say('kept.your-boards-could-not-be-used', why),
      merged('boards'),
    ),
    pins: read(
      `${scene}/pins`,
      () => documents.pins(),
      (body) => documents.usePins(body),
      (why) => say('kept.your-pins-could-not-be-used', why),
      merged('pins'),
    ),
    keymap: read(
      '/api/keymaps/active',
      () => keymaps.toPlain(),
      (body) => keymaps.useKept(body),
      (why) => say('kept.your-keymaps-could-not-be-used', why),
      merged('keymap'),
    ),
    habits: read(
      '/api/habits',
      () => settings.toPlain(),
      plain((body) => settings.use(body)),
      String,
      merged('habits'),
    ),
    edits: read(
      `${scene}/edits`,
      () => documents.edits(),
      (body) => documents.useEdits(body),
      (why) => say('kept.what-was-changed-in-this-scene', why),
    ),
  };
}
