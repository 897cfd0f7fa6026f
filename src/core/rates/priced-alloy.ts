import type { Alloy } from '../catalogue/alloys';
import type { RateSet } from './types';

/**
 * The alloy at the price of a rate set; itself where the set has no price for it.
 *
 * @example
 * pricedAlloy(alloy, rates).id === alloy.id // true
 */
export function pricedAlloy(alloy: Alloy, rates: RateSet): Alloy {
  const price = rates.metals?.[alloy.id];
  if (price === undefined) return alloy;
  const [low, likely, high] = typeof price.v === 'number' ? [price.v, price.v, price.v] : price.v;
  return { ...alloy, price_USD_kg: [low, likely, high] };
}
