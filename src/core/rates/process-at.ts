import { BOOK_PROCESS, lanesOf, ownProcess, type OwnValues } from '../process-values';
import type { RateSet } from './types';

/** A set of process values named by what sets it apart from the book's. */
export interface ProcessRef {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly own: OwnValues;
}

/** Id of the book's process values. */
export const BOOK_PROCESS_ID = 'process-book-2';

/** The book's process values as a reference. */
export const BOOK_PROCESS_REF: ProcessRef = {
  id: BOOK_PROCESS_ID,
  name: 'Book values, edition 2',
  version: 1,
  own: {},
};

/**
 * Rates with lanes by a set of process values.
 *
 * @param rates by the book
 * @param process what the set has of its own
 * @returns the rates as they were where it has nothing
 * @example
 * processAt(rates, BOOK_PROCESS_REF) === rates // true
 */
export function processAt(rates: RateSet, process: ProcessRef | undefined): RateSet {
  if (process === undefined || Object.keys(process.own).length === 0) return rates;
  const table = ownProcess(BOOK_PROCESS, process.own);
  const { id, name, version, own } = process;
  return { ...rates, lanes: lanesOf(table, own, name), process: { id, name, version, own } };
}
