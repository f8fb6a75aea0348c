const TENTHS = new Intl.NumberFormat('en-GB', { minimumFractionDigits: 1, maximumFractionDigits: 1 });

const METRES = new Intl.NumberFormat('en-GB', { maximumSignificantDigits: 2 });

/** A way as it is told, to two digits. */
export const metres = (m: number): string => `${METRES.format(m)} m`;

/** A time as it is told, to a tenth of a second. */
export const seconds = (s: number): string => `${TENTHS.format(s)} s`;
