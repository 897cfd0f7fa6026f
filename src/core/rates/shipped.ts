import { BASELINES_RATES } from './data/baselines.data';
import { CALENDAR_RATES, FAMILY_MAP } from './data/calendar.data';
import { COMPLEXITY_RATES } from './data/complexity.data';
import { FAMILY_RATES } from './data/families.data';
import { GLOBAL_RATES } from './data/global.data';
import { OPERATIONS_RATES } from './data/operations.data';
import { VARIANT_RATES } from './data/variants';
import { TABLE_PRICES } from './metals';
import type { RateSet } from './types';

/** The rate set shipped with the application: read-only, and every figure of it an assumption until a shop replaces it. */
export const SHIPPED_RATES: RateSet = {
  id: 'shipped-1',
  name: 'Shipped assumptions, edition 1',
  currency: { code: 'USD', perUnit: 1 },
  global: GLOBAL_RATES,
  complexity: COMPLEXITY_RATES,
  families: FAMILY_RATES,
  operations: OPERATIONS_RATES,
  baselines: BASELINES_RATES,
  calendar: CALENDAR_RATES,
  variants: VARIANT_RATES,
  metals: TABLE_PRICES,
};

/**
 * Row of the family rates an alloy family uses.
 *
 * @example
 * ratesFamily('aluminium') // 'aluminium'
 */
export function ratesFamily(alloyFamily: string): string {
  return FAMILY_MAP[alloyFamily]?.rates ?? alloyFamily;
}

/**
 * Column of the capability tables an alloy family uses.
 *
 * @example
 * capabilityFamily('aluminium') // 'aluminium'
 */
export function capabilityFamily(alloyFamily: string): string {
  return FAMILY_MAP[alloyFamily]?.capability ?? alloyFamily;
}
