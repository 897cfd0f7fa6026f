import { BOOK_PROCESS } from './book';
import { ownProcess } from './changes';
import { processEntries } from './entries';
import type { OwnValues, ProcessEntry } from './types';

/**
 * Every process value with own ones in place of the book's, and the range that a team has put around a single figure.
 *
 * @param own values by path; one that leads nowhere is left out
 * @example
 * ownEntries({}).find((e) => e.path === '["spin"].sectionRatioMax')?.range // undefined
 */
export const ownEntries = (own: OwnValues): ProcessEntry[] =>
  processEntries(ownProcess(BOOK_PROCESS, own)).map((entry) => {
    const v = own[entry.path]?.v;
    return typeof entry.value === 'number' && typeof v === 'object' ? { ...entry, range: [v[0], v[2]] } : entry;
  });

/**
 * A value with its range where it has one, in the shape that it is saved in.
 *
 * @example
 * givenValue({ value: 4, range: [3, 6] }) // [3, 4, 6]
 */
export const givenValue = ({ value, range }: Pick<ProcessEntry, 'value' | 'range'>): ProcessEntry['value'] =>
  range === undefined || typeof value !== 'number' ? value : [range[0], value, range[1]];
