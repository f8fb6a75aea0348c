import type { SceneEntry } from '../api/api';
import { whole } from '../words/numbers';
import { say } from '../words/say';

export { bytes as size, day as when } from '../words/numbers';

/** What is counted: the names of messages. */
export type Counted = 'triangle' | 'object' | 'scene' | 'settings';

/** So many of something. */
export function counted(n: number, what: Counted): string {
  return say(`counted.${what}`, whole(n), n);
}

/** Units that a file's numbers can be in, by their signs. */
export const UNITS = [
  ['m', say('facts.metres')],
  ['cm', say('facts.centimetres')],
  ['mm', say('facts.millimetres')],
  ['in', say('facts.inches')],
  ['ft', say('facts.feet')],
] as const;

export const ORDERS = {
  seen: say('facts.opened-last'),
  name: say('facts.name'),
  added: say('facts.newest'),
  triangles: say('facts.most-triangles'),
  bytes: say('facts.largest'),
} as const;
export type Order = keyof typeof ORDERS;

const compare: Record<Order, (a: SceneEntry, b: SceneEntry) => number> = {
  seen: (a, b) => (b.openedAt ?? b.createdAt).localeCompare(a.openedAt ?? a.createdAt),
  name: (a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }),
  added: (a, b) => b.createdAt.localeCompare(a.createdAt),
  triangles: (a, b) => b.triangles - a.triangles,
  bytes: (a, b) => b.bytes - a.bytes,
};

/** Scenes in whose names all words are found, in an order. */
export function sifted(scenes: SceneEntry[], text: string, order: Order): SceneEntry[] {
  const words = text.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  return scenes
    .filter((s) => words.every((w) => s.name.toLocaleLowerCase().includes(w)))
    .sort((a, b) => compare[order](a, b) || a.id.localeCompare(b.id));
}
