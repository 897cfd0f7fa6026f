import { refuse } from './errors';
import { whole } from './numbers';

/**
 * Days since 1970-01-01 of a plain ISO date, without time zone. Refuses unreal dates as E_DATE.
 *
 * @param field path of the field, for the refusal
 * @param iso a plain date, YYYY-MM-DD
 * @returns whole days
 * @throws {CoreError} E_DATE
 * @example
 * dayNumber('order date', '1970-01-31') // 30
 */
export function dayNumber(field: string, iso: unknown): number {
  const match = typeof iso === 'string' ? /^(\d{4})-(\d{2})-(\d{2})$/.exec(iso) : null;
  if (match) {
    const [y, m, d] = [Number(match[1]), Number(match[2]), Number(match[3])];
    // Not Date.UTC: it takes the years 0 to 99 for those of the last century.
    const back = new Date(0);
    const ms = back.setUTCFullYear(y, m - 1, d);
    if (back.getUTCFullYear() === y && back.getUTCMonth() === m - 1 && back.getUTCDate() === d) return ms / 86_400_000;
  }
  return refuse('E_DATE', field, iso, 'a real date as YYYY-MM-DD');
}

/**
 * ISO date of a day number.
 *
 * @param day days since 1970-01-01
 * @returns YYYY-MM-DD
 * @example
 * isoDay(30) // '1970-01-31'
 */
export function isoDay(day: number): string {
  return new Date(day * 86_400_000).toISOString().slice(0, 10);
}

/**
 * 0 = Monday … 6 = Sunday. Day 0 (1970-01-01) was a Thursday.
 *
 * @param day days since 1970-01-01
 * @returns 0 to 6
 * @example
 * weekday(0) // 3
 */
export function weekday(day: number): number {
  return (((day + 3) % 7) + 7) % 7;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/**
 * ISO date as "12 Mar 2027".
 *
 * @param iso YYYY-MM-DD, or an ISO time
 * @returns the date in words
 * @example
 * dateWords('2027-03-12') // '12 Mar 2027'
 */
export function dateWords(iso: string): string {
  const [y = '', m = '1', d = ''] = iso.slice(0, 10).split('-');
  return `${Number(d)} ${MONTHS[Number(m) - 1] ?? ''} ${y}`;
}

/** Days from now up to which a date is shown as one: a hundred years. */
const AS_DATE_D = 36_525;

/**
 * Whether so many days from now are shown, and written down, as a date.
 *
 * @param days from now
 * @returns false beyond a hundred years
 * @example
 * isNear(40) // true
 */
export const isNear = (days: number): boolean => days <= AS_DATE_D;

/**
 * The date so many days after another in words: "12 Mar 2027"; beyond a hundred years "in 137 years".
 * @param iso plain ISO date; refused as E_DATE where it is none
 * @param days calendar days, rounded up; Infinity is "never"
 * @example
 * dateAfter('2027-03-12', 10.2) // '23 Mar 2027'
 */
export function dateAfter(iso: string, days: number): string {
  if (days === Infinity) return 'never';
  if (!isNear(days)) return `in ${whole(days / 365.25)} years`;
  return dateWords(isoDay(dayNumber('date', iso) + Math.ceil(days)));
}
