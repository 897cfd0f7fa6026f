import { ALLOYS } from '../catalogue/alloys';
import type { Basis, Figure } from '../base/figures';

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
