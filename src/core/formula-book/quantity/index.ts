/** Quantity: batches, places, products of rates, scrap chains, starts for a promise. */
export { batches, positions } from './batches';
export { scrapChain } from './scrap-chain';
export { startsFor } from './starts';
export { throughput, unitPowers, type UnitPowers } from './throughput';
export { regularisedBeta } from './regularised-beta';
export { DIES_NEEDED, linesForRate } from './lines';
