import { ownRates, type OwnFigures } from './changes';
import { SHIPPED_ID } from './shipped-at';
import type { RateSet } from './types';

/** A rate set named by what sets it apart from the shipped one: small enough to send along with a question. */
export interface RateRef {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly currency: string;
  readonly own: OwnFigures;
}

const KEPT = 16;

/**
 * Builds whole rate sets from references to them; each version of a set is built once and kept for a while.
 *
 * @param shipped the set that references are told against
 * @returns what gives the whole set of a reference
 * @example
 * ratesOn(rates)({ id: 'ours', name: 'Ours', version: 1, currency: 'EUR', own: { figures: {}, holidays: [] } }).name
 * // 'Ours'
 */
export function ratesOn(shipped: RateSet): (ref: RateRef) => RateSet {
  const built = new Map<string, RateSet>();
  return (ref) => {
    if (ref.id === SHIPPED_ID) return shipped;
    const key = `${ref.id} ${ref.version}`;
    const known = built.get(key);
    if (known !== undefined) return known;
    const rates = ownRates(shipped, ref.id, ref.name, ref.own, ref.currency);
    if (built.size >= KEPT) built.delete(built.keys().next().value ?? '');
    built.set(key, rates);
    return rates;
  };
}
