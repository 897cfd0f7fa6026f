import type { TeamAlloys } from '../team-alloys';
import type { OwnFigures } from './changes';
import type { RateSet } from './types';

/**
 * Rates with the alloys and prices of a team's own. A price that the rate set changed itself stands: it was chosen for that
 * set.
 *
 * @param rates of a set
 * @param alloys of the team; nothing where it has none
 * @param own what the set changed
 * @returns the rates as they were where the team has none
 * @example
 * alloysAt(rates, undefined, { figures: {}, holidays: [] }) === rates // true
 */
export function alloysAt(rates: RateSet, alloys: TeamAlloys | undefined, own: OwnFigures): RateSet {
  if (alloys === undefined) return rates;
  const metals = { ...rates.metals };
  for (const { id, price_USD_kg: v, team } of alloys.list)
    metals[id] = { v, unit: 'USD/kg', basis: 'shop', note: [team?.source, team?.date].filter(Boolean).join(', ') };
  for (const [id, { low, likely, high, date, source }] of Object.entries(alloys.prices))
    if (own.figures[`metals.${id}`] === undefined)
      metals[id] = { v: [low, likely, high], unit: 'USD/kg', basis: 'shop', note: `${source}, ${date}` };
  return { ...rates, metals, alloys: alloys.list };
}
