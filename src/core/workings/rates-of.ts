import type { RateSet } from '../rates';

/** One row of the family rates. */
export type FamilyRatesOf = RateSet['families'][string];
