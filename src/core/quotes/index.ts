/** Quotes: as foundries give them, and made comparable. */
export { BESIDE_EQUATIONS, QUOTE_EQUATIONS } from './equations';
export { fitBounded, type Fit, type Prior } from './fit';
export { offeredTolerances, type OfferedTolerance } from './flags';
export { FAR, MISTAKE_KINDS, quoteMistakes, type Mistake, type MistakeKind, type ModelFigures } from './mistakes';
export {
  BESIDE_FIGURES,
  normaliseQuote,
  QUOTE_FIGURES,
  quoteWorking,
  type NormalisedPrice,
  type NormalisedQuote,
} from './normalise';
export { guessColumns, PASTE_FIELDS, pastedQuotes, type PasteField, type PasteNames, type PastedQuote } from './paste';
export { isReplyKey, readReply, replyRows, type ReplyIssue, type ReplyRow } from './reply';
export {
  EMPTY_ROWS,
  REPLY_FIELDS,
  REPLY_LISTS,
  type ReplyField,
  type ReplyKind,
  type ReplyList,
} from './reply-fields.data';
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
  type CapacityPeriod,
  type LeadUnit,
  type PriceUnit,
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
