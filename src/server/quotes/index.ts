/** Quotes: what foundries gave, by what they are compared, which was awarded; and requests for more. */
export {
  addQuotes,
  award,
  compareOn,
  enterExchangeRate,
  enterScopePrice,
  heldQuotes,
  listQuotes,
  saveQuote,
  studyQuotes,
  withdrawQuote,
  type Award,
  type QuoteChange,
  type QuoteLine,
  type StudyQuotes,
} from './actions';
export type { NewQuote, QuoteRecord } from './repo';
