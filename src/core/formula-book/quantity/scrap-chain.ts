import { ceilGuarded, filled, notNegative, scrapShare, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Scrap through several stages (formula qty.scrap-chain).
 *
 * @param input.need good pieces wanted, whole, at least 1
 * @param input.scraps share lost at each stage, 0 to below 1
 * @param input.costs money per piece entering each stage (optional, one per stage)
 * @returns yield (product of the good shares), starts = ⌈need/yield⌉, starts per stage rounded up from the last backwards,
 *   and with costs the money per good piece from unrounded flow
 * @throws {CoreError} E_LENGTH for lists of unequal length, E_RANGE for a stage that loses all
 * @example
 * scrapChain({ need: 500, scraps: [0.04, 0.04, 0.04] }).yield // 0.884736
 */
export function scrapChain(input: { need: number; scraps: readonly number[]; costs?: readonly number[] }): {
  yield: number;
  starts: number;
  stageStarts: number[];
  costPerGood?: number;
} {
  const need = wholeNumber('need', input.need, 1);
  const good = filled('scraps', input.scraps).map((s, i) => 1 - scrapShare(`scraps[${i}]`, s));
  const share = good.reduce((a, b) => a * b, 1);
  const stageStarts: number[] = [];
  let ahead = need;
  for (let i = good.length - 1; i >= 0; i--) {
    ahead = ceilGuarded(ahead / (good[i] ?? 1));
    stageStarts.unshift(ahead);
  }
  const out = { yield: share, starts: ceilGuarded(need / share), stageStarts };
  if (input.costs === undefined) return out;
  if (!Array.isArray(input.costs) || input.costs.length !== good.length) {
    refuse('E_LENGTH', 'costs', input.costs, `one cost for each of the ${good.length} stages`);
  }
  let flow = need / share;
  let money = 0;
  input.costs.forEach((cost, i) => {
    money += notNegative(`costs[${i}]`, cost) * flow;
    flow *= good[i] ?? 1;
  });
  return { ...out, costPerGood: money / need };
}
