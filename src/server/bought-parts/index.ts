/** Bought parts as a purchase ledger tells them. */
export { dropPart, getBoughtPart, listBoughtParts, MOST_PARTS, putParts, ratesOfSet } from './actions';
