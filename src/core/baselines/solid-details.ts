import { likely } from '../base/figures';
import { judgeHole, type HoleLimits, type PartFacts } from '../part';
import type { OperationKind, RateSet } from '../rates';

/** Features or holes of one kind cut from solid, on `count` places. */
export interface SolidDetail {
  readonly count: number;
  readonly kinds: readonly OperationKind[];
  /** Hole drilled on the way; null for a feature. */
  readonly drilled: { readonly d_mm: number; readonly depth_mm: number; readonly threaded: boolean } | null;
}

/** A "capability" that cores nothing: every hole is drilled from solid. */
const SOLID: HoleLimits = {
  hole: { minDia: { any: Infinity }, depthRatioThrough: 0, depthRatioBlind: 0 },
  ct: { basis: 'rule' },
};

/**
 * Features and holes of a part cut from solid (equation 9.2): what reaches each, and the metal of drilled holes.
 *
 * @example
 * solidDetails({ ...facts, brief: { ...brief, holes: [{ dia_mm: 8, depth_mm: 20, count: 4, thread: false, through: true }] } }, rates)[0].count
 * // 4
 */
export function solidDetails(facts: PartFacts, rates: RateSet): SolidDetail[] {
  const tapMinor = likely(rates.operations.tapMinor);
  return [
    ...facts.brief.features.map((f): SolidDetail => ({
      count: f.count ?? 1,
      kinds: [f.kind === 'dim' ? 'face' : f.kind],
      drilled: null,
    })),
    ...facts.brief.holes.map((h): SolidDetail => {
      const { operations } = judgeHole(h, SOLID, 'aluminium', tapMinor);
      const drilled = operations.includes('drill')
        ? { d_mm: h.dia_mm, depth_mm: h.depth_mm, threaded: h.thread }
        : null;
      return { count: h.count, kinds: operations, drilled };
    }),
  ];
}
