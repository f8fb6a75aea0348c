import type { SceneEntry } from '../../api/api';

const TAG = 'en-GB';

export function counted(n: number, what: string): string {
  return `${n.toLocaleString(TAG)} ${what}${n === 1 ? '' : 's'}`;
}

export function when(iso: string): string {
  return new Date(iso).toLocaleDateString(TAG, { day: 'numeric', month: 'short', year: 'numeric' });
}

/** A size in the largest unit in which it is at least 1; thousands, as discs are counted. */
export function size(bytes: number): string {
  const units = ['byte', 'kilobyte', 'megabyte', 'gigabyte'];
  const i = Math.min(3, Math.floor(Math.log10(Math.max(1, bytes)) / 3));
  return (bytes / 1000 ** i).toLocaleString(TAG, {
    style: 'unit',
    unit: units[i]!,
    maximumSignificantDigits: 3,
  });
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
