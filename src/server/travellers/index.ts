/** Travellers: sheets issued for a lot, and what is ticked on them. */
export { barcode, MOST_CODES, type Barcode } from './barcode';
export {
  getTraveller,
  issueTraveller,
  keepTicks,
  listTravellers,
  type Tick,
  type TicksKept,
  type TravellerLine,
  type TravellerRecord,
} from './actions';
