import { isPlainDate } from '@/core/base/plain-date';
import { SHIPPED_RATES, SHIPPED_REF, type RateRef } from '@/core/rates';
import type { Runner } from '../db';
import { selectFigures, selectRateSet, type RateSetRow } from './queries';

/** Holidays of a row, ISO dates; what is no day of the years that are reckoned with is left out. */
export const holidaysOf = (row: RateSetRow): readonly string[] =>
  Array.isArray(row.holidays) ? (row.holidays as unknown[]).filter((day): day is string => isPlainDate(day)) : [];

/** A set of the database as a reference; the shipped one is that of this build. */
export async function refOf(on: Runner, row: RateSetRow): Promise<RateRef> {
  if (row.id === SHIPPED_RATES.id) return SHIPPED_REF;
  return {
    id: row.id,
    name: row.name,
    version: row.version,
    currency: row.currency,
    own: { figures: await selectFigures(on, row.id), holidays: holidaysOf(row) },
  };
}

/** The rate set of an id as a reference. A study cannot name one that is not there, so a missing one is our fault. */
export async function loadRates(on: Runner, id: string): Promise<RateRef> {
  const row = await selectRateSet(on, id);
  if (row === undefined) throw new Error(`No rate set ${id}`);
  return refOf(on, row);
}
