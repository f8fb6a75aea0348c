const TENTHS = new Intl.NumberFormat('en-GB', { minimumFractionDigits: 1, maximumFractionDigits: 1 });

/** A time as it is told, to a tenth of a second. */
export const seconds = (s: number): string => `${TENTHS.format(s)} s`;
