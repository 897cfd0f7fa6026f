import { likely } from '../base/figures';
import type { PartFacts } from '../part';
import type { RateSet } from '../rates';
import * as S from './equations/stamped';
import { baselineOf } from './from-equations';
import { known } from './symbols';
import type { Baseline } from './types';

const STAMPED_FAMILIES = new Set(['aluminium', 'copper', 'steel', 'stainless']);

/**
 * Stamped, for flat parts (equation 9.5, T13).
 *
 * @param lotOf pieces an order, of pieces in all
 * @example
 * stampedBaseline(facts, rates, () => 100).id // 'stamped'
 */
export function stampedBaseline(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number): Baseline {
  const barred = whyNot(facts, rates);
  return baselineOf({
    id: 'stamped',
    name: 'Stamped from strip',
    barred,
    fix:
      barred === null
        ? null
        : STAMPED_FAMILIES.has(facts.ratesFamily)
          ? 'One thin wall throughout, folded from strip, would open it'
          : 'Steel, stainless, aluminium or copper strip would open it',
    facts,
    rates,
    lotOf,
    steps: [S.BENDS, S.HOURS, S.METAL, S.STROKES, S.FINISHING, S.PIECE, S.SET_UP],
    tooling: S.TOOLING,
    unit: S.UNIT,
    total: S.TOTAL,
    day: S.DAY,
    lines: (c) => ({
      before: {
        setUp: known(c, 'setUp') / Math.min(c.lot, c.q),
        metal: known(c, 'metal'),
        pours: known(c, 'pours'),
        finishing: known(c, 'finishing'),
      },
    }),
  });
}

/** Why a part is not stamped; null for one that is. */
function whyNot({ ratesFamily, nP, w, t }: PartFacts, rates: RateSet): string | null {
  const { maxThickness, maxRatio } = rates.baselines.stamped;
  if (!STAMPED_FAMILIES.has(ratesFamily)) return 'This metal is not stamped from strip.';
  if (nP > 0) return 'A part with inner passages is not flat.';
  if (w === null || t === null) return 'Wall or section is not given.';
  if (w > likely(maxThickness)) return `A ${w} mm wall is thicker than strip (at most ${likely(maxThickness)} mm).`;
  if (t / w > likely(maxRatio))
    return `Sections from ${w} to ${t} mm do not come from one strip (ratio at most ${likely(maxRatio)}).`;
  return null;
}
