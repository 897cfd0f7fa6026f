import { ALLOYS, type Alloy } from '../catalogue/alloys';
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

/**
 * Every alloy that a study may be of: those of the book, and those of the team's own that are not put away.
 *
 * @param rates of the study
 * @example
 * everyAlloy(rates).length > 50 // true
 */
export const everyAlloy = ({ alloys = [] }: RateSet): readonly Alloy[] => [
  ...ALLOYS,
  ...alloys.filter(({ team }) => team?.archived !== true),
];
