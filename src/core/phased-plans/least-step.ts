import { lotSize, type Brief } from '../brief';
import type { PlanDue } from './deliveries';

/**
 * Least pieces a step of a searched plan makes: the smallest delivery asked, else the prototypes, else a lot; never more
 * than half of the programme. Fewer are a sample, not a step: nobody buys a tool for one piece. Basis: our own.
 *
 * @param q pieces of the programme
 * @param deliveries asked
 * @returns whole pieces, at least 1
 * @example
 * leastStep({ ...brief, quantity: { ...brief.quantity, prototypes: 6 } }, 500, []) // 6
 */
export function leastStep(brief: Brief, q: number, deliveries: readonly PlanDue[]): number {
  const { prototypes } = brief.quantity;
  const made = prototypes !== null && prototypes > 0 ? prototypes : lotSize(brief, q);
  const least = deliveries.length > 0 ? Math.min(...deliveries.map((d) => d.pieces)) : made;
  return Math.max(1, Math.min(least, Math.floor(q / 2)));
}
