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
export { impliedRates, type ImpliedRate } from './implied';
export { modelFigures } from './model-figures';
export { quoteRequest, type QuoteRequest, type RequestedFeature } from './request';
export { simulatedReply, type DeskAsked, type DeskReply } from './simulated-reply';
