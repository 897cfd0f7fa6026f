import type { Basis } from '../base/figures';

/** Where a symbol's value comes from. */
export type Source = 'brief' | 'rate' | 'alloy' | 'route' | 'computed' | 'choice';

/** One symbol of a working, with its value, unit, origin and basis. */
export interface WorkingSymbol {
  readonly symbol: string;
  readonly meaning: string;
  readonly value: number;
  readonly unit: string;
  readonly source: Source;
  readonly basis: Basis | null;
  /** Low and high of an uncertain figure, or null. */
  readonly range: readonly [number, number] | null;
  /** Brief path, rate key, alloy field or capability key the value is kept under; null for a computed one. */
  readonly path: string | null;
  /** Figure whose working explains a computed symbol, or null. */
  readonly opens: string | null;
  /** Lane or baseline that figure is of, where it is another than the working's own; null otherwise. */
  readonly opensLane: string | null;
  readonly note: string | null;
}

/** How one figure came about. */
export interface Working {
  readonly figure: string;
  readonly title: string;
  /** Name and number of the equation in the cost or time model. */
  readonly equation: string;
  /**
   * The equation in its symbols: + − * / ( ) with max, min, ceil, floor, pow(x, y): x to the power y, and on(x): 1 where x is above 0, else 0. Putting the symbols' values in
   * gives `value`; a test does so for every working.
   */
  readonly expression: string;
  readonly value: number;
  readonly unit: string;
  readonly symbols: readonly WorkingSymbol[];
  readonly note: string | null;
}
