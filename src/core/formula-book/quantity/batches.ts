import { ceilGuarded, notNegative, scrapShare, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Whole batches (formula qty.batches).
 *
 * @param input.need pieces wanted, whole
 * @param input.perBatch pieces a batch, whole, at least 1
 * @returns batches to make, pieces made, pieces over
 * @throws {CoreError} E_RANGE for a fraction or a batch below 1
 * @example
 * batches({ need: 250, perBatch: 36 }).batches // 7
 */
export function batches(input: { need: number; perBatch: number }): { batches: number; made: number; over: number } {
  const need = wholeNumber('need', notNegative('need', input.need));
  const per = wholeNumber('perBatch', input.perBatch, 1);
  const count = Math.ceil(need / per);
  return { batches: count, made: count * per, over: count * per - need };
}

/**
 * Units to build when some places of each are known to be lost (formula qty.positions).
 *
 * @param input.positions places in a unit, input.lost of them never good
 * @param input.scrap share lost at random, 0 to below 1
 * @param input.need good pieces wanted on the average
 * @returns usable places, units to build, good pieces expected
 * @throws {CoreError} E_RANGE when all places are lost or scrap is 1
 * @example
 * positions({ positions: 60, lost: 4, scrap: 0.08, need: 500 }).usable // 56
 */
export function positions(input: { positions: number; lost: number; scrap: number; need: number }): {
  usable: number;
  units: number;
  expectedGood: number;
} {
  const all = wholeNumber('positions', input.positions, 1);
  const lost = wholeNumber('lost', notNegative('lost', input.lost));
  const scrap = scrapShare('scrap', input.scrap);
  const need = wholeNumber('need', notNegative('need', input.need));
  const usable = all - lost;
  if (!(usable > 0)) refuse('E_RANGE', 'lost', lost, `fewer than the ${all} positions`);
  const good = usable * (1 - scrap);
  const units = ceilGuarded(need / good);
  return { usable, units, expectedGood: units * good };
}
