import type { Status } from './types';

/** A limit in three steps: everyday work, a strain for ordinary shops, work of a few. */
export interface Ceiling {
  readonly usual: number;
  readonly exceptional: number;
  readonly specialist: number;
}

/** Verdict of a value against a ceiling, and the step of it that decides. */
export interface Stepped {
  readonly status: Extract<Status, 'fits' | 'tight' | 'special' | 'blocked'>;
  readonly limit: number;
  readonly strains: boolean;
}

/**
 * Holds a value against a ceiling in three steps (2.0).
 *
 * @param value in the unit of the ceiling
 * @param ceiling usual ≤ exceptional ≤ specialist
 * @returns fits up to the usual limit, tight up to the exceptional one, special up to that of a specialist, else blocked
 * @example
 * stepped(14, { usual: 10, exceptional: 12, specialist: 20 }).status // 'special'
 */
export function stepped(value: number, { usual, exceptional, specialist }: Ceiling): Stepped {
  if (value <= usual) return { status: 'fits', limit: usual, strains: false };
  if (value <= exceptional) return { status: 'tight', limit: usual, strains: true };
  if (value <= specialist) return { status: 'special', limit: exceptional, strains: true };
  return { status: 'blocked', limit: specialist, strains: false };
}

/** What a family whose limit is its own reaches beyond it, as multiples (2.0). */
const OWN_EXCEPTIONAL = 1.5;
const OWN_SPECIALIST = 2.5;

/**
 * Ceiling of a route, or of a family that has a usual limit of its own.
 *
 * @example
 * ceilingOf({ max: 10, exceptional: 20, specialist: 30 }, 4) // { usual: 4, exceptional: 6, specialist: 10 }
 */
export const ceilingOf = (
  of: { readonly max: number; readonly exceptional: number; readonly specialist: number },
  own?: number,
): Ceiling =>
  own === undefined
    ? { usual: of.max, exceptional: of.exceptional, specialist: of.specialist }
    : { usual: own, exceptional: OWN_EXCEPTIONAL * own, specialist: OWN_SPECIALIST * own };
