import { findAlloy } from '../catalogue/alloys';
import type { Brief } from '../brief';
import type { TolerancePolicy } from '../part';
import { SHIPPED_RATES, type RateSet } from '../rates';
import { prepareFrom, type World } from './prepare';
import type { Study } from './types';

/**
 * Readies a study: facts, screening, money of every layout of every lane. Nothing here depends on the quantity
 * except the lot, which the brief fixes (or a quarter of a year's pieces).
 *
 * @param said the brief of the part; what it lacks and what can be estimated is estimated
 * @param school tolerance policy: published grades, or what a specialist shop claims
 * @param rates money and time
 * @param world alloy and lanes in place of the tables’
 * @returns the study; what is missing is named in it, nothing is refused
 * @example
 * prepareStudy(brief).lanes.length === lanes.length // true
 */
export function prepareStudy(
  said: Brief,
  school: TolerancePolicy = 'published',
  rates: RateSet = SHIPPED_RATES,
  world: World = {},
): Study {
  return prepareFrom(findAlloy, said, school, rates, world);
}
