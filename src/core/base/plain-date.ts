import { z } from 'zod';

/** First and last day the product reckons with. */
export const FIRST_DATE = '1990-01-01';
export const LAST_DATE = '2199-12-31';

/** What a date field accepts, in words. */
export const DATE_WANTED = 'a real date from 1990-01-01 to 2199-12-31, as YYYY-MM-DD';

/** A calendar date without time zone, ISO text, within the days the product reckons with. */
export const plainDateSchema = z.iso
  .date(DATE_WANTED)
  .refine((iso) => iso >= FIRST_DATE && iso <= LAST_DATE, DATE_WANTED);

/**
 * Whether something is such a date.
 *
 * @param value anything
 * @returns true for a real date from 1990 to 2199 as YYYY-MM-DD
 * @example
 * isPlainDate('2027-02-30') // false
 */
export const isPlainDate = (value: unknown): boolean => plainDateSchema.safeParse(value).success;
