import { language } from './language';

/** English as it is written in Britain, as all English words here are. */
const TAG = language === 'en' ? 'en-GB' : language;
const WHOLE = new Intl.NumberFormat(TAG);
const MOMENT = new Intl.DateTimeFormat(TAG, { dateStyle: 'medium', timeStyle: 'short' });
const DAY = new Intl.DateTimeFormat(TAG, { day: 'numeric', month: 'short', year: 'numeric' });
const SIZES = ['byte', 'kilobyte', 'megabyte', 'gigabyte'].map(
  (unit) => new Intl.NumberFormat(TAG, { style: 'unit', unit, maximumSignificantDigits: 3 }),
);
const FIXED = [0, 1, 2].map(
  (places) => new Intl.NumberFormat(TAG, { minimumFractionDigits: places, maximumFractionDigits: places }),
);
const ROUGH = new Intl.NumberFormat(TAG, { maximumSignificantDigits: 2 });

/** A count, with its thousands set apart. */
export const whole = (n: number): string => WHOLE.format(n);

/** A number with so many decimals, at most two. */
export const fixed = (n: number, places: 0 | 1 | 2): string => FIXED[places]!.format(n);

/** A number in two digits that count. */
export const rough = (n: number): string => ROUGH.format(n);

/** A day and a time of day, of a time as ISO 8601 writes it. */
export const moment = (iso: string): string => MOMENT.format(new Date(iso));

/** A day. */
export const day = (iso: string): string => DAY.format(new Date(iso));

/** A number of bytes in the unit that suits it. */
export function bytes(count: number): string {
  const step = Math.min(SIZES.length - 1, Math.floor(Math.log10(Math.max(1, count)) / 3));
  return SIZES[step]!.format(count / 1000 ** step);
}
