/** Quotes: what foundries gave, by what they are compared, which was awarded; and requests for more. */
export {
  addQuotes,
  award,
  comparedOn,
  compareOn,
  enterExchangeRate,
  enterScopePrice,
  getQuote,
  heldQuotes,
  listQuotes,
  quoteCount,
  quotesOfFoundry,
  saveQuote,
  studyQuotes,
  withdrawQuote,
  type Award,
  type FoundryQuote,
  type QuoteChange,
  type QuoteLine,
  type StudyQuotes,
} from './actions';
export type { NewQuote, QuoteRecord } from './repo';
export { hasDesk } from './desk-client';
export {
  collectReplies,
  getRequest,
  getRequestLine,
  handToDesk,
  listRequests,
  openRequests,
  sendRequest,
  settleLine,
  type Collected,
  type OpenRequest,
  type RequestLine,
  type RequestRecord,
} from './requests';
