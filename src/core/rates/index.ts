/** Money, time and effort coefficients: one rate set holds all that the cost and calendar equations need. */
export {
  limitsOf,
  ownRates,
  rateDifferences,
  refusedFigure,
  type OwnFigure,
  type OwnFigures,
  type RateDifference,
} from './changes';
export { ratesOf, SHIPPED_REF, type RateRef } from './chosen';
export { RATE_PARTS } from './data/words.data';
export { FAR_OFF, farOff, type FarOff } from './far-off';
export { namesOf, rateEntries, type RateEntry } from './entries';
export { metalIndex, metalPricesAt, metalSeries, SERIES_FROM, SERIES_TO, type SeriesDay } from './metal-series';
export { pricedAlloy } from './metals';
export { rateAt, tableValue } from './table-value';
export { SHIPPED_RATES, capabilityFamily, ratesFamily } from './shipped';
export type {
  BaselineRates,
  FamilyRates,
  GlobalRates,
  JointKind,
  OperationKind,
  RateSet,
  ResourceRates,
  StepRates,
  Touch,
  VariantRates,
} from './types';
