import { likely } from '../base/figures';
import type { PartFacts } from '../part';
import type { RateSet } from '../rates';
import * as S from './equations/stamped';
import { baselineOf, type Step } from './from-equations';
import { known } from './symbols';
import type { Baseline } from './types';

/**
 * Stamped, for flat parts (equation 9.5, T13): by single dies, or by one strip tool where that comes cheaper at the
 * quantity.
 *
 * @param lotOf pieces an order, of pieces in all
 * @example
 * stampedBaseline(facts, rates, () => 100).id // 'stamped'
 */
export function stampedBaseline(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number): Baseline {
  const { maxProgThickness, maxProgWidth } = rates.baselines.stamped;
  const dies = ofTool(facts, rates, lotOf, 'dies');
  const fitsStrip =
    facts.w !== null &&
    facts.w <= likely(maxProgThickness) &&
    Math.min(facts.L, facts.W) <= likely(maxProgWidth) &&
    dies.barred === null;
  return fitsStrip ? cheaperOf(dies, ofTool(facts, rates, lotOf, 'strip')) : dies;
}

/** Of two ways to make the same, the one of the lower total at each quantity; the first where they are equal. */
function cheaperOf(one: Baseline, other: Baseline): Baseline {
  const at = (q: number): Baseline => (other.total(q) < one.total(q) ? other : one);
  return {
    ...one,
    tooling: (q) => at(q).tooling(q),
    unit: (q) => at(q).unit(q),
    total: (q) => at(q).total(q),
    lines: (q) => at(q).lines(q),
    dayOf: (N, programme = N) => at(programme).dayOf(N, programme),
    working: (figure, q, N) => at(q).working(figure, q, N),
  };
}

function ofTool(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number, tool: 'dies' | 'strip'): Baseline {
  const barred = whyNot(facts, rates);
  const { families } = rates.baselines.stamped;
  const own = tool === 'dies' ? S : S.STRIP;
  const capacity: readonly Step[] = [own.UNITS, own.SHIFTS, own.MACHINES];
  return baselineOf({
    id: 'stamped',
    name: 'Stamped from strip',
    barred,
    fix:
      barred === null
        ? null
        : families.includes(facts.ratesFamily)
          ? 'One thin wall throughout, folded from strip, would open it'
          : 'A metal that is sold as strip would open it',
    warning: tool === 'strip' ? 'By one strip tool that does all operations at a stroke.' : null,
    facts,
    rates,
    lotOf,
    steps: [S.BENDS, own.HOURS, S.METAL, own.STROKES, S.FINISHING, S.PIECE, own.SET_UP, ...capacity],
    tooling: S.TOOLING,
    unit: S.UNIT,
    total: S.TOTAL,
    day: own.DAY,
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
  const { maxThickness, maxRatio, families } = rates.baselines.stamped;
  if (!families.includes(ratesFamily)) return 'This metal is not stamped from strip.';
  if (nP > 0) return 'A part with inner passages is not flat.';
  if (w === null || t === null) return 'Wall or section is not given.';
  if (w > likely(maxThickness)) return `A ${w} mm wall is thicker than strip (at most ${likely(maxThickness)} mm).`;
  if (t / w > likely(maxRatio))
    return `Sections from ${w} to ${t} mm do not come from one strip (ratio at most ${likely(maxRatio)}).`;
  return null;
}
