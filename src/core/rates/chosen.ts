import { ratesOn, type RateRef } from './ref';
import { SHIPPED_RATES } from './shipped';
import type { RateSet } from './types';

/** The shipped set as a reference. */
export const SHIPPED_REF: RateRef = {
  id: SHIPPED_RATES.id,
  name: SHIPPED_RATES.name,
  version: 1,
  currency: SHIPPED_RATES.currency.code,
  own: { figures: {}, holidays: [] },
};

const built = ratesOn(SHIPPED_RATES);

/**
 * The whole rate set a reference speaks of; built once for each version and kept for a while.
 *
 * @param ref which set, and a shop’s own figures
 * @returns the whole set
 * @example
 * ratesOf(SHIPPED_REF).id === rates.id // true
 */
export function ratesOf(ref: RateRef): RateSet {
  return built(ref);
}
