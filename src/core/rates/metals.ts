import { ALLOYS, type Alloy } from '../catalogue/alloys';
import type { Basis, Figure } from '../base/figures';
import type { RateSet } from './types';

const BASES: ReadonlySet<string> = new Set<Basis>(['standard', 'handbook', 'rule', 'assumed', 'shop']);

/** Prices of ingot as the alloy table has them, USD/kg: what a rate set starts from. */
export const TABLE_PRICES: Readonly<Record<string, Figure>> = Object.fromEntries(
  ALLOYS.map((alloy): [string, Figure] => [
    alloy.id,
    {
      v: alloy.price_USD_kg,
      unit: 'USD/kg',
      basis: BASES.has(alloy.basis['price'] ?? '') ? (alloy.basis['price'] as Basis) : 'assumed',
      ...(alloy.priceNote === undefined ? {} : { note: alloy.priceNote }),
    },
  ]),
);

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
