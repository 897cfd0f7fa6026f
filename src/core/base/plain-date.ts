/** First and last day the product reckons with. */
export const FIRST_DATE = '1990-01-01';
export const LAST_DATE = '2199-12-31';

/** What a date field accepts, in words. */
export const DATE_WANTED = 'a real date from 1990-01-01 to 2199-12-31, as YYYY-MM-DD';

/** The same, as a screen shows and takes it. */
export const DATE_SHOWN_WANTED = 'a real date from 1 Jan 1990 to 31 Dec 2199, such as 4 Jan 2027';

/**
 * Whether something is such a date.
 *
 * @param value anything
 * @returns true for a real date from 1990 to 2199 as YYYY-MM-DD
 * @example
 * isPlainDate('2027-02-30') // false
 */
export function isPlainDate(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  if (value < FIRST_DATE || value > LAST_DATE) return false;
  const [year = 0, month = 0, day = 0] = value.split('-').map(Number);
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

const MONTH_NAMES = [
  ...['january', 'february', 'march', 'april', 'may', 'june'],
  ...['july', 'august', 'september', 'october', 'november', 'december'],
] as const;
/** Letters of a month's name that are enough to know it. */
const MONTH_LETTERS = 3;

/** A month by its number, or by three letters or more of its English name; 0 for none. */
function monthOf(text: string): number {
  if (/^\d{1,2}$/.test(text)) return Number(text);
  const word = text.toLowerCase();
  return word.length < MONTH_LETTERS ? 0 : MONTH_NAMES.findIndex((name) => name.startsWith(word)) + 1;
}

/**
 * A date as people write it: "4 Jan 2027", "January 4, 2027", "4.1.2027", "2027-01-04". Strokes between figures are
 * refused: half of the world reads them the other way round.
 *
 * @param text what was typed
 * @returns ISO date, or null where it is none from 1990 to 2199
 * @example
 * readDate('4 Jan 2027') // '2027-01-04'
 */
export function readDate(text: string): string | null {
  const parts =
    /^(?<y>\d{4})-(?<m>\d{1,2})-(?<d>\d{1,2})$/.exec(text.trim()) ??
    /^(?<d>\d{1,2})(?:st|nd|rd|th)?[\s-]+(?<m>[a-z]+)\.?,?[\s-]+(?<y>\d{4})$/i.exec(text.trim()) ??
    /^(?<m>[a-z]+)\.?\s+(?<d>\d{1,2})(?:st|nd|rd|th)?,?\s+(?<y>\d{4})$/i.exec(text.trim()) ??
    /^(?<d>\d{1,2})\.\s*(?<m>\d{1,2})\.\s*(?<y>\d{4})$/.exec(text.trim());
  const { y, m, d } = parts?.groups ?? {};
  if (y === undefined || m === undefined || d === undefined) return null;
  const two = (n: number): string => String(n).padStart(2, '0');
  const iso = `${y}-${two(monthOf(m))}-${two(Number(d))}`;
  return isPlainDate(iso) ? iso : null;
}
