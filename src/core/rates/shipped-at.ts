import { BASELINES_RATES } from './data/baselines.data';
import { CALENDAR_RATES } from './data/calendar.data';
import { COMPLEXITY_RATES } from './data/complexity.data';
import { FAMILY_RATES } from './data/families.data';
import { GLOBAL_RATES } from './data/global.data';
import { OPERATIONS_RATES } from './data/operations.data';
import { VARIANT_RATES } from './data/variants';
import type { Figure } from '../base/figures';
import type { RateSet } from './types';

/** Id of the shipped set. */
export const SHIPPED_ID = 'shipped-1';

/**
 * The shipped rate set at given prices of metal.
 *
 * @param metals price of ingot by alloy id, USD/kg
 * @returns the set, every figure of it an assumption until a shop replaces it
 * @example
 * shippedAt({}).name // 'Shipped assumptions, edition 1'
 */
export const shippedAt = (metals: Readonly<Record<string, Figure>>): RateSet => ({
  id: SHIPPED_ID,
  name: 'Shipped assumptions, edition 1',
  currency: { code: 'USD', perUnit: 1 },
  global: GLOBAL_RATES,
  complexity: COMPLEXITY_RATES,
  families: FAMILY_RATES,
  operations: OPERATIONS_RATES,
  baselines: BASELINES_RATES,
  calendar: CALENDAR_RATES,
  variants: VARIANT_RATES,
  metals,
});
