import { dateAfter } from '../format';

/** Days over which a day without its year is plain enough. */
const ONE_YEAR_D = 366;

/**
 * A date below an axis: day and month over a year or less, month and year beyond.
 * @param iso plain ISO date the axis begins at; @param days from it; @param span days of the whole axis
 */
export function tickDate(iso: string, days: number, span: number): string {
  const date = dateAfter(iso, days);
  return span <= ONE_YEAR_D ? date.replace(/ \d{4}$/, '') : date.replace(/^\d+ (?=[A-Z])/, '');
}
