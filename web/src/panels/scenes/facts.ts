import type { SceneEntry } from '../../api/api';

const TAG = 'en-GB';
// Made once: to make one takes longer than to use it, and a list has hundreds of lines.
const NUMBER = new Intl.NumberFormat(TAG);
const DAY = new Intl.DateTimeFormat(TAG, { day: 'numeric', month: 'short', year: 'numeric' });
const SIZES = ['byte', 'kilobyte', 'megabyte', 'gigabyte'].map(
  (unit) => new Intl.NumberFormat(TAG, { style: 'unit', unit, maximumSignificantDigits: 3 }),
);

export function counted(n: number, what: string): string {
  return `${NUMBER.format(n)} ${what}${n === 1 ? '' : 's'}`;
}

export function when(iso: string): string {
  return DAY.format(new Date(iso));
}

/** A size in the largest unit in which it is at least 1; thousands, as discs are counted. */
export function size(bytes: number): string {
  const i = Math.min(3, Math.floor(Math.log10(Math.max(1, bytes)) / 3));
  return SIZES[i]!.format(bytes / 1000 ** i);
}

/** Units that a file's numbers can be in, by their signs. */
export const UNITS = [
  ['m', 'metres'],
  ['cm', 'centimetres'],
  ['mm', 'millimetres'],
  ['in', 'inches'],
  ['ft', 'feet'],
] as const;

export const ORDERS = {
  seen: 'Opened last',
  name: 'Name',
  added: 'Newest',
  triangles: 'Most triangles',
  bytes: 'Largest',
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
