import { LANES } from '../catalogue/routes';
import { calendarAt, laneAt, variantAt, type Foundry } from '../foundries';
import type { RateSet } from './types';

/**
 * Rates and lanes as one foundry runs them. Lanes that it does not run keep the book's values; the screening says that it
 * does not run them.
 *
 * @param rates at no foundry
 * @param foundry with its profile
 * @returns a set of which everything the profile lacks is as it was
 * @example
 * atFoundry(rates, { id: 'f', name: 'F', version: 1, profile: { lines: [] } }).foundry.id // 'f'
 */
export function atFoundry(rates: RateSet, foundry: Foundry): RateSet {
  const lines = new Map(foundry.profile.lines.map((line) => [`${line.route}/${line.variant}`, line]));
  const variants = Object.fromEntries(
    Object.entries(rates.variants).map(([id, variant]) => {
      const line = lines.get(id);
      return [id, line === undefined ? variant : variantAt(variant, line, foundry)];
    }),
  );
  return {
    ...rates,
    calendar: calendarAt(rates.calendar, foundry),
    variants,
    lanes: (rates.lanes ?? LANES).map((lane) => {
      const line = lines.get(lane.id);
      return line === undefined ? lane : laneAt(lane, line, foundry);
    }),
    foundry,
    atNone: rates,
  };
}
