import type { Spread } from '../simulation';

/** How a choice was drawn: the same seed and spread give the same draws to the digit. */
export interface DrawnBy {
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity was uncertain too. */
  readonly demand: boolean;
}

/** How a decision is drawn on the screen: the seed is kept with it. */
export const DRAWN: DrawnBy = { seed: 1, spread: 'pert', demand: false };
