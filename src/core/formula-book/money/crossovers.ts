import { wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { checkPlan, planTotal, type CheckedPlan, type Plan } from './plan';

export interface Run {
  readonly from: number;
  readonly to: number;
  readonly cheaper: 'a' | 'b' | 'tie';
}

const QMAX = 2_000_000;
/** Money closer than this share is a tie: both sides hold floating noise of the same sums. */
const TIE = 1e-9;

/**
 * Every quantity at which the cheaper of two plans changes (formula money.crossovers).
 * The difference is straight between breakpoints, so on each piece it changes sign at most once;
 * that quantity is bracketed in whole parts.
 *
 * @param input.a, input.b the plans
 * @param input.qMax last quantity looked at, whole, 1 to 2 000 000
 * @returns runs covering 1..qMax, neighbours of equal sign joined
 * @throws {CoreError} E_TOO_LARGE for qMax beyond 2 000 000
 * @example
 * crossovers({ a: { fixed: 0, perPart: 2 }, b: { fixed: 10, perPart: 1 }, qMax: 20 }).runs // [{ from: 1, to: 9, cheaper: 'a' }, { from: 10, to: 10, cheaper: 'tie' }, { from: 11, to: 20, cheaper: 'b' }]
 */
export function crossovers(input: { a: Plan; b: Plan; qMax: number }): { runs: Run[] } {
  const a = checkPlan('a', input.a);
  const b = checkPlan('b', input.b);
  const qMax = wholeNumber('qMax', input.qMax, 1);
  if (qMax > QMAX) refuse('E_TOO_LARGE', 'qMax', qMax, `up to ${QMAX}`);
  const side = (q: number): Run['cheaper'] => {
    const ta = planTotal(a, q);
    const tb = planTotal(b, q);
    if (Math.abs(ta - tb) <= TIE * Math.max(1, Math.abs(ta), Math.abs(tb))) return 'tie';
    return ta < tb ? 'a' : 'b';
  };
  const runs: Run[] = [];
  const push = (from: number, to: number, cheaper: Run['cheaper']): void => {
    const last = runs.at(-1);
    if (last && last.cheaper === cheaper) runs[runs.length - 1] = { ...last, to };
    else runs.push({ from, to, cheaper });
  };
  const split = (from: number, to: number): void => {
    const s = side(from);
    const e = side(to);
    if (s === e) return push(from, to, s);
    let low = from;
    let high = to;
    while (high - low > 1) {
      const mid = Math.floor((low + high) / 2);
      if (side(mid) === s) low = mid;
      else high = mid;
    }
    push(from, low, s);
    split(high, to);
  };
  const starts = breakpoints(a, b, qMax);
  starts.forEach((from, i) => split(from, (starts[i + 1] ?? qMax + 1) - 1));
  return { runs };
}

function breakpoints(a: CheckedPlan, b: CheckedPlan, qMax: number): number[] {
  const marks = new Set<number>([1]);
  for (const step of [a.toolLife, a.lotSize, b.toolLife, b.lotSize]) {
    if (!Number.isFinite(step)) continue;
    for (let k = 1; Math.floor(k * step) + 1 <= qMax; k++) {
      marks.add(Math.floor(k * step + 1e-9) + 1);
      if (marks.size > QMAX) refuse('E_TOO_LARGE', 'qMax', qMax, 'fewer breakpoints');
    }
  }
  return [...marks].filter((q) => q <= qMax).sort((x, y) => x - y);
}

/**
 * Payback quantity (formula money.payback): from an extra outlay and a saving, or from two plans.
 *
 * @param input.extra money more to start, input.saving money less per piece; or input.a, input.b, input.qMax
 * @returns firstQ, the first quantity at which b is not dearer; with plans also settledQ, from which to qMax it never is again
 * @throws {CoreError} E_NO_SOLUTION when nothing is saved or never paid back
 * @example
 * payback({ extra: 12000, saving: 1.75 }).firstQ // 6858
 */
export function payback(input: { extra?: number; saving?: number; a?: Plan; b?: Plan; qMax?: number }): {
  firstQ: number;
  settledQ?: number | null;
} {
  if (input.a !== undefined || input.b !== undefined) {
    const { runs } = crossovers({ a: input.a ?? {}, b: input.b ?? {}, qMax: input.qMax as number });
    const first = runs.find((r) => r.cheaper !== 'a');
    if (!first) return refuse('E_NO_SOLUTION', 'b', input.b, 'a plan that is paid back within qMax');
    const lastA = runs.findLast((r) => r.cheaper === 'a');
    const settledQ = lastA === undefined ? 1 : lastA.to === input.qMax ? null : lastA.to + 1;
    return { firstQ: first.from, settledQ };
  }
  return { firstQ: pieces(input.extra, input.saving) };
}

function pieces(extra: number | undefined, saving: number | undefined): number {
  if (typeof extra !== 'number' || !Number.isFinite(extra))
    return refuse('E_NOT_A_NUMBER', 'extra', extra, 'a finite number');
  if (typeof saving !== 'number' || !Number.isFinite(saving))
    return refuse('E_NOT_A_NUMBER', 'saving', saving, 'a finite number');
  if (extra < 0) refuse('E_SIGN', 'extra', extra, '0 or more');
  if (!(saving > 0)) refuse('E_NO_SOLUTION', 'saving', saving, 'a saving above 0');
  return Math.ceil(extra / saving - 1e-9);
}
