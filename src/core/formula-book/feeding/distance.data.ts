/** Multiples of the thickness that a feeder reaches: with an end of its own, and between two. */
export interface Reach {
  readonly end: number;
  readonly middle: number;
}

/** By family. Basis: rule for steel (tests of plates from 12 to 200 mm); the others are assumed, ±40 %. */
export const FEED_REACH: Readonly<Record<string, Reach>> = {
  steel: { end: 4.5, middle: 2 },
  stainless: { end: 4.5, middle: 2 },
  'tool-steel': { end: 4.5, middle: 2 },
  nickel: { end: 4.5, middle: 2 },
  cobalt: { end: 4.5, middle: 2 },
  titanium: { end: 4.5, middle: 2 },
  'grey-iron': { end: 8, middle: 4 },
  'ductile-iron': { end: 6, middle: 3 },
  zinc: { end: 4, middle: 2 },
  tin: { end: 4, middle: 2 },
  lead: { end: 4, middle: 2 },
  magnesium: { end: 4, middle: 2 },
};

/** Families whose freezing range counts, and what it does. Basis: assumed, ±40 %. */
export const RANGED_FAMILIES = ['aluminium', 'copper', 'precious'] as const;
export const REACH_BY_RANGE = {
  short: { end: 5, middle: 2.5 },
  medium: { end: 3.5, middle: 1.8 },
  long: { end: 2.5, middle: 1.2 },
} as const;
