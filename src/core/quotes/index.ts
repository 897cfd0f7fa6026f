/** Quotes: as foundries give them, and made comparable. */
export { QUOTE_EQUATIONS } from './equations';
export { fitBounded, type Fit, type Prior } from './fit';
export { offeredTolerances, type OfferedTolerance } from './flags';
export { FAR, MISTAKE_KINDS, quoteMistakes, type Mistake, type MistakeKind, type ModelFigures } from './mistakes';
export { normaliseQuote, QUOTE_FIGURES, quoteWorking, type NormalisedPrice, type NormalisedQuote } from './normalise';
export { readReply, replyRows, type ReplyIssue, type ReplyRow } from './reply';
export { scopeFills, scopeKind, scopeStates, type ScopeState } from './scope';
export { QUOTE_SCHEMA } from './schema';
export {
  CAPACITY_PERIODS,
  LEAD_UNITS,
  LIFE_UNITS,
  PRICE_UNITS,
  SCOPE_STATES,
  TOOL_MODES,
  type Asked,
  type CounterOffer,
  type MetalClause,
  type PriceBreak,
  type Quote,
  type QuotedException,
  type QuotedScope,
  type QuotedTool,
  type QuoteFlag,
  type QuotedTime,
  type QuoteSetting,
  type ScopeFill,
} from './types';
