/** The sheet that travels with a lot: quantities, steps filled with the part’s values, stops before the pour. */
export { travellerCsv } from './file';
export { travellerOf, type TravellerAsked } from './traveller';
export type { StopPoint, Traveller, TravellerStep, TravellerValue } from './types';
