import { fixed, rough } from '../../words/numbers';

/** A way as it is told, to two digits. */
export const metres = (m: number): string => `${rough(m)} m`;

/** A time as it is told, to a tenth of a second. */
export const seconds = (s: number): string => `${fixed(s, 1)} s`;
