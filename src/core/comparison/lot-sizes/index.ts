/** Lot size: set-ups against stock, and the days a lot takes. */
export { bestLot, lotSizes, type LotSize } from './lot-sizes';
