/** Rate sets: the shipped one, and a shop's own with who changed what and when. */
export {
  archiveRateSet,
  changedFigures,
  copyRateSet,
  figureIssues,
  getRateSet,
  listRateSets,
  saveRateSet,
  type RateChange,
  type RateSaveResult,
  type RateSetChange,
  type RateSetRecord,
  type RateSetSummary,
} from './actions';
export type { RateEffect, LeaderBefore } from './rate-effect';
export { loadRates } from './repo';
export { shipRates } from './ship';
