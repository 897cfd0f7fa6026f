import { oneOf } from '../../base/checks';

/** Millimetres in one of each unit a file may be drawn in. Exact by definition. */
export const MM_PER_UNIT = { um: 0.001, mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;

export type LengthUnit = keyof typeof MM_PER_UNIT;

export const LENGTH_UNITS = Object.keys(MM_PER_UNIT) as readonly LengthUnit[];

/**
 * A unit of length by its word; any other word is refused as E_KEY.
 *
 * @example
 * lengthUnit('in') // 'in'
 */
export const lengthUnit = (word: unknown): LengthUnit => oneOf('unit', word, LENGTH_UNITS);

/**
 * What a file without a unit was most likely drawn in, by its largest side: inches below 10, metres below 1, else mm.
 * A guess to begin a question with, never an answer. @param largest largest side in the file's own unit
 * @example
 * likelyUnit(120) // 'mm'
 */
export function likelyUnit(largest: number): LengthUnit {
  if (largest < 1) return 'm';
  return largest < 10 ? 'in' : 'mm';
}
