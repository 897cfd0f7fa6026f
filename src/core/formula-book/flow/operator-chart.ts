import { ceilGuarded, LIMIT_GUARD, notNegative, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

const MOST_DIES = 1000;
const S_PER_H = 3600;

export const CHART_CYCLE = /* @__PURE__ */ formula({
  id: 'cal.operator-chart',
  out: 'cycle_s',
  title: 'Cycle of one person at several dies',
  unit: 's',
  expression: 'max(h + m, k * (h + w))',
  symbols: {
    h: ['handling of a die', 's'],
    m: ['die by itself', 's'],
    w: ['walk to the next', 's'],
    k: ['dies', '1'],
  },
});

/**
 * One person at several dies: who waits for whom, and how many are best (formula cal.operator-chart). Fixed order, constant times; heat and
 * rest cap it further.
 *
 * @param input.handling_s and machine_s of a die and cycle; walk_s after each (0); dies; pieces of a die and cycle (1); wanted_per_h;
 *   operatorCost and dieCost of an hour
 * @returns cycle, s; pieces an hour; waits of the person and of a die in it, s; how busy both; dies at which neither waits; when each handling
 *   starts, s; fewest dies for the wanted rate, null where one person cannot; dies of the cheapest piece, and what it costs
 * @throws {CoreError} E_RANGE without a die, E_TOO_LARGE above 1000, E_SIGN for a cycle of nothing
 * @example
 * operatorChart({ handling_s: 60, machine_s: 150, walk_s: 5, dies: 3, pieces: 2 }).cycle_s // 210
 */
export function operatorChart(input: {
  readonly handling_s: number;
  readonly machine_s: number;
  readonly walk_s?: number;
  readonly dies: number;
  readonly pieces?: number;
  readonly wanted_per_h?: number;
  readonly operatorCost?: number;
  readonly dieCost?: number;
}): {
  cycle_s: number;
  rate_per_h: number;
  operatorIdle_s: number;
  dieIdle_s: number;
  operatorUse: number;
  dieUse: number;
  idealDies: number;
  starts_s: number[];
  bestDies?: number | null;
  costDies?: number;
  costEach?: number;
} {
  const h = positive('handling_s', input.handling_s);
  const m = notNegative('machine_s', input.machine_s);
  const w = notNegative('walk_s', input.walk_s ?? 0);
  const dies = wholeNumber('dies', input.dies, 1);
  const pieces = positive('pieces', input.pieces ?? 1);
  if (dies > MOST_DIES) refuse('E_TOO_LARGE', 'dies', dies, `up to ${MOST_DIES}`);
  const cycleOf = (k: number): number => CHART_CYCLE.of({ h, m, w, k });
  const rateOf = (k: number): number => (pieces * S_PER_H * k) / cycleOf(k);
  const cycle_s = cycleOf(dies);
  const idealDies = (h + m) / (h + w);
  return {
    ...{ cycle_s, rate_per_h: rateOf(dies), idealDies },
    operatorIdle_s: cycle_s - dies * (h + w),
    dieIdle_s: cycle_s - (h + m),
    operatorUse: (dies * (h + w)) / cycle_s,
    dieUse: (h + m) / cycle_s,
    starts_s: Array.from({ length: dies }, (_, i) => i * (h + w)),
    ...(input.wanted_per_h === undefined
      ? {}
      : { bestDies: fewestFor(positive('wanted_per_h', input.wanted_per_h), rateOf, ceilGuarded(idealDies)) }),
    ...cheapest(input, rateOf, ceilGuarded(idealDies)),
  };
}

function fewestFor(wanted: number, rateOf: (k: number) => number, most: number): number | null {
  for (let k = 1; k <= most; k++) if (rateOf(k) >= wanted * (1 - LIMIT_GUARD)) return k;
  return null;
}

/** The count of dies at which a piece costs least, the fewest of equals. */
function cheapest(
  input: { readonly operatorCost?: number; readonly dieCost?: number },
  rateOf: (k: number) => number,
  most: number,
): { costDies?: number; costEach?: number } {
  if (input.operatorCost === undefined && input.dieCost === undefined) return {};
  const person = notNegative('operatorCost', input.operatorCost);
  const die = notNegative('dieCost', input.dieCost);
  let [costDies, costEach] = [1, Infinity];
  for (let k = 1; k <= most; k++) {
    const each = (person + k * die) / rateOf(k);
    if (each < costEach * (1 - LIMIT_GUARD)) [costDies, costEach] = [k, each];
  }
  return { costDies, costEach };
}
