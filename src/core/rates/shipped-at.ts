import { BASELINES_RATES } from './data/baselines.data';
import { CALENDAR_RATES } from './data/calendar.data';
import { COMPLEXITY_RATES } from './data/complexity.data';
import { COATING_RATES } from './data/coatings.data';
import { CONDITION_RATES } from './data/conditions.data';
import { CONTAINMENT_RATES } from './data/containment.data';
import { COOLING_RATES } from './data/cooling.data';
import { CORE_MAKER_RATES } from './data/core-maker.data';
import { DRYING_RATES } from './data/drying.data';
import { GRAIN_RATES } from './data/grain.data';
import { HAND_POUR_RATES } from './data/hand-pour.data';
import { ONE_FOR_MANY_RATES } from './data/one-for-many.data';
import { TOOL_AT_HAND_RATES } from './data/tool-at-hand.data';
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
 * shippedAt({}).name // 'Shipped assumptions, edition 2'
 */
export const shippedAt = (metals: Readonly<Record<string, Figure>>): RateSet => ({
  id: SHIPPED_ID,
  name: 'Shipped assumptions, edition 2',
  currency: { code: 'USD', perUnit: 1 },
  global: GLOBAL_RATES,
  complexity: COMPLEXITY_RATES,
  families: FAMILY_RATES,
  operations: OPERATIONS_RATES,
  baselines: BASELINES_RATES,
  calendar: CALENDAR_RATES,
  variants: VARIANT_RATES,
  handPour: HAND_POUR_RATES,
  cooling: COOLING_RATES,
  drying: DRYING_RATES,
  conditions: CONDITION_RATES,
  coatings: COATING_RATES,
  containment: CONTAINMENT_RATES,
  coreMaker: CORE_MAKER_RATES,
  grain: GRAIN_RATES,
  toolAtHand: TOOL_AT_HAND_RATES,
  oneForMany: ONE_FOR_MANY_RATES,
  metals,
});
