import { openCosts, type Study, type StudyLane } from '../../study';
import type { LaneTime } from '../../schedule';
import { laneMoney, ProgrammeCost } from '../../cost';
import { likely } from '../../base/figures';

/** What one lot size costs and takes on one lane. Money in the study's currency, a part. */
export interface LotSize {
  readonly lot: number;
  /** All in, tooling and set-ups of every lot in it. */
  readonly allIn: number;
  /** Keeping half a lot in stock on the average; 0 where the pieces a year are not known. */
  readonly stock: number;
  /** All in and stock together: what is least at the best lot. */
  readonly together: number;
  /** Calendar days from a repeat order to the last piece of its lot: tools exist, approval is given. */
  readonly days: number;
  readonly lotsAYear: number | null;
  /** Positions in a pour, chosen anew for each lot size. */
  readonly positions: number;
}

/** Lot sizes tried: evenly spread on a log scale, and those that are asked for. */
const TRIED = 60;

/** Whole lot sizes from 1 to `most`, about TRIED of them, `also` among them. */
function sizes(most: number, also: readonly number[]): number[] {
  const raw = Array.from({ length: TRIED }, (_, i) => Math.round(most ** (i / (TRIED - 1))));
  return [...new Set([...raw, ...also.filter((x) => x >= 1 && x <= most)])].sort((a, b) => a - b);
}

/** Days of a repeat order of a lot: queue, first-off check, first pass, and the rest at the lane's rate. */
function lotDays(time: LaneTime, queue_wd: number, check_wd: number, lot: number): number {
  const W = time.calendarPerWorkday;
  const rest = Math.max(0, lot - time.samples);
  return W * (queue_wd + check_wd) + time.pass_d + (W * rest) / time.goodPerDay;
}

/**
 * What each lot size costs and takes on a lane, at q pieces in all: set-ups against stock.
 * Sizes go up to the pieces of two years, or to q where the pieces a year are not known.
 *
 * @param q pieces of the programme, whole, at least 1
 * @returns sizes in rising order; empty for a lane without money
 * @example
 * lotSizes(study, entry, 500).length > 0 // true
 */
export function lotSizes(study: Study, entry: StudyLane, q: number): LotSize[] {
  const { model } = entry;
  if (model === null) return [];
  const { perYear, lot: asked } = study.brief.quantity;
  const most = Math.min(q, perYear === null ? q : Math.max(1, 2 * perYear));
  const hold = likely(study.rates.global.hold);
  const { queue } = model.v.time;
  const check = likely(model.v.lot.hFO) / study.rates.calendar.shift_h;
  return sizes(most, asked === null ? [] : [asked]).map((lot) => {
    let best: ProgrammeCost | null = null;
    let least = Infinity;
    for (const { plan } of openCosts(entry)) {
      const cost = new ProgrammeCost(model, plan, lot, perYear);
      const total = cost.total(q);
      if (total < least) [best, least] = [cost, total];
    }
    const cost = best as ProgrammeCost;
    const { allIn, unit } = laneMoney(cost, q);
    const stock = perYear === null ? 0 : ((lot / 2) * unit * hold) / perYear;
    return {
      lot,
      allIn,
      stock,
      together: allIn + stock,
      days: lotDays(study.timeOf(model, cost.plan), likely(queue), check, lot),
      lotsAYear: perYear === null ? null : perYear / lot,
      positions: cost.plan.n,
    };
  });
}

/**
 * The lot size of least money, all in and stock together; the smallest where two are equal. Null of nothing.
 *
 * @example
 * bestLot([]) // null
 */
export function bestLot(sizes: readonly LotSize[]): LotSize | null {
  return sizes.reduce<LotSize | null>((best, s) => (best === null || s.together < best.together ? s : best), null);
}
