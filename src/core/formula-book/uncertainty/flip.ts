import { filled, finite, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/** How often an answer changes over a bracket. */
export type FlipKind = 'none' | 'one' | 'many';

const STEPS = 200;

/**
 * Where a difference changes its sign between two bounds: sampled at even steps, each change bisected to machine
 * precision. A zero that is only touched is none; a jump is found where it jumps. Changes nearer than a step may be missed.
 * @param sampled the difference at low + i·(high − low)/steps, where it is known already
 * @example
 * signChanges((x) => x - 3, 0, 10).map((x) => Number(x.toFixed(6))) // [3]
 */
export function signChanges(
  difference: (x: number) => number,
  low: number,
  high: number,
  steps = STEPS,
  sampled?: ArrayLike<number>,
): number[] {
  const at = (i: number): number => low + (i * (high - low)) / steps;
  const roots: number[] = [];
  let last = { x: low, y: sampled?.[0] ?? difference(low) };
  /** The last point that was not zero, and the first zero after it. */
  let zero: number | null = last.y === 0 ? low : null;
  let sign = Math.sign(last.y);
  for (let i = 1; i <= steps; i++) {
    const x = at(i);
    const y = sampled?.[i] ?? difference(x);
    if (y === 0) {
      zero ??= x;
    } else if (sign !== 0 && Math.sign(y) !== sign) {
      roots.push(zero ?? bisect(difference, last, { x, y }));
      sign = Math.sign(y);
      zero = null;
    } else {
      sign = Math.sign(y);
      zero = null;
    }
    last = { x, y };
  }
  return roots;
}

function bisect(f: (x: number) => number, a: { x: number; y: number }, b: { x: number; y: number }): number {
  let [low, high] = [a.x, b.x];
  for (;;) {
    const x = low + (high - low) / 2;
    if (x <= low || x >= high) return high;
    const y = f(x);
    if (y === 0) return x;
    if (Math.sign(y) === Math.sign(a.y)) low = x;
    else high = x;
  }
}

/**
 * Kind of a list of changes.
 *
 * @example
 * flipKind([4]) // 'one'
 */
export const flipKind = (roots: readonly unknown[]): FlipKind =>
  roots.length === 0 ? 'none' : roots.length === 1 ? 'one' : 'many';

/**
 * Every sign change of a polynomial between two bounds (formula unc.flip).
 * @param input.poly c0, c1, …; input.low, input.high bounds; input.steps even steps that are looked at, default 200
 * @returns roots in rising order, and whether there are none, one or many
 * @throws {CoreError} E_EMPTY, E_ORDER for low not below high, E_RANGE for steps
 * @example
 * flip({ poly: [-3, 1], low: 5, high: 9, steps: 50 }).roots // []
 */
export function flip(input: { poly: readonly number[]; low: number; high: number; steps?: number }): {
  roots: number[];
  kind: FlipKind;
} {
  const poly = filled('poly', input.poly).map((c, i) => finite(`poly[${i}]`, c));
  const low = finite('low', input.low);
  const high = finite('high', input.high);
  const steps = wholeNumber('steps', input.steps ?? STEPS, 1);
  if (low >= high) refuse('E_ORDER', 'low', low, `below high (${high})`);
  const roots = signChanges((x) => poly.reduceRight((sum, c) => sum * x + c, 0), low, high, steps);
  return { roots, kind: flipKind(roots) };
}
