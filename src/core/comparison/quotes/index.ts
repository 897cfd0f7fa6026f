/** Quotes beside the model: what it would ask, which rates explain the gap, and rates fitted to what was asked. */
export { askedOf } from './asked';
export {
  assessQuotes,
  type AssessedQuote,
  type HeldQuote,
  type ModelBeside,
  type QuotedLeader,
  type QuotesAssessed,
} from './assess';
export { priceAt, ratesTimes, type Priced } from './at-rates';
export { calibrate, type AskedPrice, type Calibration, type FittedPrice, type FittedRate } from './calibrate';
export {
  calibrateFoundry,
  movableRates,
  type FoundryCalibration,
  type FoundryPrice,
  type MovableRate,
} from './calibrate-foundry';
export { impliedRates, type ImpliedRate } from './implied';
export { quotedLeads, type QuotedRun } from './leads';
export { modelFigures } from './model-figures';
export { GAP_FIGURES, negotiation, type BreakOffer, type GapLine, type Negotiation } from './negotiation';
export { LEVERS, type LeverPath } from './levers.data';
export { quoteRequest, type QuoteRequest, type RequestedFeature } from './request';
export { simulatedReply, type DeskAsked, type DeskReply } from './simulated-reply';
