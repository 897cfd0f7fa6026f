/** Money, time and effort coefficients: one rate set holds all that the cost and calendar equations need. */
export { limitsOf, ownRates, refusedFigure, type OwnFigure, type OwnFigures } from './changes';
export { ratesOf, SHIPPED_REF } from './chosen';
export { atFoundry } from './at-foundry';
export { alloysAt } from './at-team';
export { everyAlloy } from './every-alloy';
export { BOOK_PROCESS_ID, BOOK_PROCESS_REF, processAt, type ProcessRef } from './process-at';
export {
  foundriesAt,
  judgedWords,
  packedRates,
  rateKey,
  ratesOn,
  unpackedRates,
  type JudgedBy,
  type RateRef,
} from './ref';
export { SHIPPED_ID, shippedAt } from './shipped-at';
export { capabilityFamily, ratesFamily } from './families';
export { RATE_PARTS } from './data/words.data';
export { FAR_OFF, farOff, type FarOff } from './far-off';
export { coefficientsOf, namesOf, type Coefficient } from './coefficients';
export { rateDifferences, type RateDifference } from './differences';
export { rateEntries, type RateEntry } from './entries';
export { metalIndex, metalPricesAt, metalSeries, SERIES_FROM, SERIES_TO, type SeriesDay } from './metal-series';
export { pricedAlloy } from './priced-alloy';
export { rateAt, tableValue } from './table-value';
export { SHIPPED_RATES } from './shipped';
export type {
  BaselineRates,
  CoatingId,
  CoatingRates,
  ContainmentRates,
  FamilyRates,
  Film,
  GlobalRates,
  HazardId,
  JointKind,
  OperationKind,
  PieceKind,
  RateSet,
  ResourceRates,
  StepRates,
  ScreenListRates,
  StockForm,
  ToolOption,
  Touch,
  VariantRates,
} from './types';
