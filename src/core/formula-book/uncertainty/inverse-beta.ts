import { regularisedBeta } from '../quantity/regularised-beta';

const STEPS = 200;

/**
 * Inverse of the regularised incomplete beta function: x with I_x(a, b) = u, for a, b ≥ 1 and u from 0 to 1.
 * Newton's steps kept within a bracket that bisection narrows; ends where the bracket is as narrow as a double allows.
 *
 * @example
 * Number(inverseBeta(0.5, 2, 2).toFixed(6)) // 0.5
 */
export function inverseBeta(u: number, a: number, b: number): number {
  if (u <= 0) return 0;
  if (u >= 1) return 1;
  let low = 0;
  let high = 1;
  let x = a / (a + b);
  for (let i = 0; i < STEPS; i++) {
    const off = regularisedBeta(x, a, b) - u;
    if (off === 0) return x;
    if (off > 0) high = x;
    else low = x;
    const h = 1e-7 * Math.min(x, 1 - x);
    const slope = (regularisedBeta(x + h, a, b) - regularisedBeta(x - h, a, b)) / (2 * h);
    const newton = x - off / slope;
    const next = slope > 0 && newton > low && newton < high ? newton : (low + high) / 2;
    if (Math.abs(next - x) <= 1e-15 * x) return next;
    x = next;
  }
  return x;
}
