/**
 * Where a figure comes from: a published standard, textbook consensus, a rule of the trade, a starting value to replace,
 * or a shop's own figure.
 */
export type Basis = 'standard' | 'handbook' | 'rule' | 'assumed' | 'shop';

/** Low, likely and high value of one figure. */
export type Triple = readonly [low: number, likely: number, high: number];

/** How a value that differs from the book is known: said by a shop, seen by us, or supposed. */
export type Known = 'claimed' | 'measured' | 'assumed';

/** Whose value stands in place of the book's, how it is known, and since when. */
export interface ValueSource {
  /** A foundry, or a set of process values. */
  readonly who: string;
  readonly known: Known;
  /** What it was read from, in words; empty where not said. */
  readonly source: string;
  /** ISO date it was said or seen on; null where not known. */
  readonly date: string | null;
  /** Low, likely and high of a limit that was given with a range, in its own unit. */
  readonly range?: Triple;
}

/** One figure with its unit and basis; a bare number is a fixed value, not an uncertain one. */
export interface Figure {
  readonly v: Triple | number;
  readonly unit?: string;
  readonly basis: Basis;
  readonly note?: string;
}

/**
 * The likely value of a figure, in the figure's own unit; 0 for a coefficient that a variant does not list.
 *
 * @param figure of a rate set, or nothing
 * @returns its likely value, in its own unit
 * @example
 * likely({ v: [1, 2, 4], basis: 'rule' }) // 2
 */
export function likely(figure: Figure | undefined): number {
  if (figure === undefined) return 0;
  return typeof figure.v === 'number' ? figure.v : figure.v[1];
}

/**
 * True when low ≤ likely ≤ high and all are finite.
 *
 * @param v one value, or low, likely and high
 * @returns whether it may be drawn from
 * @example
 * isOrdered([1, 2, 4]) // true
 */
export function isOrdered(v: Triple | number): boolean {
  if (typeof v === 'number') return Number.isFinite(v);
  return v.every(Number.isFinite) && v[0] <= v[1] && v[1] <= v[2];
}
