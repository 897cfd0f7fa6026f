import { ownRates, type OwnFigures } from './changes';
import { SHIPPED_RATES } from './shipped';
import type { RateSet } from './types';

/** A rate set named by what sets it apart from the shipped one: small enough to send along with a question. */
export interface RateRef {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly currency: string;
  readonly own: OwnFigures;
}

/** The shipped set as a reference. */
export const SHIPPED_REF: RateRef = {
  id: SHIPPED_RATES.id,
  name: SHIPPED_RATES.name,
  version: 1,
  currency: SHIPPED_RATES.currency.code,
  own: { figures: {}, holidays: [] },
};

const KEPT = 16;
const built = new Map<string, RateSet>();

/**
 * The whole rate set a reference speaks of; built once for each version and kept for a while.
 *
 * @param ref which set, and a shop’s own figures
 * @returns the whole set
 * @example
 * ratesOf(SHIPPED_REF).id === rates.id // true
 */
export function ratesOf(ref: RateRef): RateSet {
  if (ref.id === SHIPPED_RATES.id) return SHIPPED_RATES;
  const key = `${ref.id} ${ref.version}`;
  const known = built.get(key);
  if (known !== undefined) return known;
  const rates = ownRates(SHIPPED_RATES, ref.id, ref.name, ref.own, ref.currency);
  if (built.size >= KEPT) built.delete(built.keys().next().value ?? '');
  built.set(key, rates);
  return rates;
}
