import { z } from 'zod';
import { DATE_WANTED, FIRST_DATE, LAST_DATE } from './plain-date';

/** A calendar date without time zone, ISO text, within the days the product reckons with. */
export const plainDateSchema = z.iso
  .date(DATE_WANTED)
  .refine((iso) => iso >= FIRST_DATE && iso <= LAST_DATE, DATE_WANTED);
