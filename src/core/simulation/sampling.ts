import { increase, nth } from '../base/lookup';
import { deliveredBy, type PlanDue } from '../phased-plans';
import type { Triple } from '../base/figures';
import { quantileOfSorted, wilson, winsOf, zOf } from '../formula-book/uncertainty';
import { fillDraws, streamOf, type Spread } from './draws';
import type { SimulationModel, StepPace } from './model';
import { Runner } from './program';

/** Draws of a whole answer. */
export const DRAWS = 10_000;
/** Confidence of the limits of a share: of the sampling only, not of the figures drawn from. */
export const CONFIDENCE = 0.95;
const Z = zOf(CONFIDENCE);
const BARS = 31;

/** What a figure comes to in one draw of ten, in half of them, and in nine of ten. */
export interface Band {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** A share of the draws, 0 to 1, with the limits of its sampling error. */
export interface Share {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/** What the draws say of one lane. Money in the study's currency, days from the order, holidays counted. */
export interface LaneSpread {
  readonly id: string;
  readonly total: Band;
  readonly allIn: Band;
  readonly first: Band;
  readonly last: Band;
  /** Share of the draws in which none of those in the race is cheaper; null for one that neither races nor challenges. */
  readonly cheapest: Share | null;
  /** Share of the draws in which its first article comes in time; null where no day is asked. */
  readonly inTime: Share | null;
  /** Share of the draws in which every delivery asked is met; null for a lane of the race, and where none is asked. */
  readonly delivers: Share | null;
}

/** The difference of two lanes over the draws, second less first: above 0 where the first is the cheaper. */
export interface DifferenceSpread {
  readonly first: string;
  readonly second: string;
  readonly band: Band;
  /** Share of the draws in which the first is the cheaper. */
  readonly holds: Share;
  /** Draws by difference, in even steps from `from` to `to`; what lies further out is in the outer bars. */
  readonly from: number;
  readonly to: number;
  readonly bars: readonly number[];
}

export interface SimulationSummary {
  readonly draws: number;
  readonly lanes: readonly LaneSpread[];
  readonly difference: DifferenceSpread | null;
}

/** Draws of figures, kept from one quantity to the next: they hang on seed, name and range alone. */
export class DrawStore {
  private readonly kept = new Map<string, { readonly list: Float64Array; filled: number }>();

  constructor(
    readonly seed: number,
    readonly spread: Spread = 'pert',
    readonly most: number = DRAWS,
  ) {}

  /** The draws of a figure, filled up to `to` at least. */
  of(key: string, range: Triple, to: number): Float64Array {
    const name = `${key} ${range.join(' ')}`;
    let one = this.kept.get(name);
    if (one === undefined) {
      one = { list: new Float64Array(this.most), filled: 0 };
      this.kept.set(name, one);
    }
    if (one.filled < to) {
      fillDraws(one.list, range, this.spread, streamOf(this.seed, key), one.filled, to);
      one.filled = to;
    }
    return one.list;
  }

  /** Lets go of the draws of figures that are no longer asked for, where many have gathered. */
  keepOnly(model: SimulationModel): void {
    if (this.kept.size <= 2 * model.inputs.length + 200) return;
    const wanted = new Set(model.inputs.map((i) => `${i.key} ${i.range.join(' ')}`));
    for (const name of this.kept.keys()) if (!wanted.has(name)) this.kept.delete(name);
  }
}

/** Which lanes race, by when the first article is due, and which two are set against each other. */
export interface SamplingAsk {
  /** Lanes of which one is the cheapest. */
  readonly race: readonly string[];
  /** Set against all of the race without taking part in it: a plan in two steps. */
  readonly challenger?: string | undefined;
  /** Deliveries asked of a plan, days without holidays. */
  readonly deliveries?: readonly PlanDue[] | undefined;
  /** Days with the holidays that fall in them; never shortens, and keeps their order. */
  readonly shut?: ((days: number) => number) | undefined;
  /** Days from the order, without holidays, that the first article may take; null where no day is asked. */
  readonly due_d: number | null;
  readonly q: number;
  readonly against: readonly [first: string, second: string] | null;
}

/** The draws of some lanes, made a part at a time. */
export class Sampling {
  private readonly runner: Runner;
  private readonly results: Float64Array[];
  private done = 0;

  constructor(
    readonly model: SimulationModel,
    private readonly store: DrawStore,
    private readonly ask: SamplingAsk,
  ) {
    store.keepOnly(model);
    const paces = model.lanes.flatMap((l) => l.steps ?? []);
    const outputs = [...model.lanes.flatMap((l) => [l.total, l.first, l.last]), ...paces.flatMap(pacesOf)];
    this.runner = new Runner(model.program, outputs);
    this.results = outputs.map(() => new Float64Array(store.most));
  }

  /** Makes draws up to `to`, beyond those made already. */
  run(to: number): void {
    const inputs = this.inputs(to);
    this.runner.run(inputs, this.results, this.done, to);
    this.done = to;
  }

  /** Draws of every uncertain figure, in the order of the model. */
  inputs(to: number): Float64Array[] {
    return this.model.inputs.map((i) => this.store.of(i.key, i.range, to));
  }

  /** Totals, days of the first article and days of the last part of one lane, a draw each; null for an unknown one. */
  figures(id: string): readonly [total: Float64Array, first: Float64Array, last: Float64Array] | null {
    const i = this.model.lanes.findIndex((l) => l.id === id);
    const list = (k: 0 | 1 | 2): Float64Array => nth(this.results, 3 * i + k).subarray(0, this.done);
    return i < 0 ? null : [list(0), list(1), list(2)];
  }

  /** Totals of one lane, a draw each; null for an unknown one. */
  totals(id: string): Float64Array | null {
    return this.figures(id)?.[0] ?? null;
  }

  summary(): SimulationSummary {
    const n = this.done;
    const { model, ask } = this;
    const at = (lane: number, k: 0 | 1 | 2): Float64Array => nth(this.results, 3 * lane + k).subarray(0, n);
    const race = model.lanes.flatMap((l, i) => (ask.race.includes(l.id) ? [i] : []));
    const wins = winsOf(race.map((i) => at(i, 0)));
    const cheapestOf = (i: number): Share | null => {
      const inRace = race.indexOf(i);
      if (inRace >= 0) return shareOf(nth(wins, inRace) / n, n);
      return nth(model.lanes, i).id === ask.challenger
        ? this.ahead(
            at(i, 0),
            race.map((k) => at(k, 0)),
          )
        : null;
    };
    const q = model.quantity === null ? null : this.store.of('quantity', nth(model.inputs, model.quantity).range, n);
    const lanes = model.lanes.map(({ id }, i): LaneSpread => {
      const total = bandOf(at(i, 0));
      return {
        id,
        total,
        // Where the quantity is not in doubt a part's money is the programme's in the same order.
        allIn: q === null ? shareOfBand(total, ask.q) : bandOf(at(i, 0).map((t, k) => t / nth(q, k))),
        first: this.atResolution(bandOf(at(i, 1))),
        last: this.atResolution(bandOf(at(i, 2))),
        cheapest: cheapestOf(i),
        inTime: ask.due_d === null ? null : shareOf(countUpTo(at(i, 1), ask.due_d) / n, n),
        delivers: this.delivers(i),
      };
    });
    return { draws: n, lanes, difference: this.difference() };
  }

  /** Days with their holidays: counting them keeps the order of the draws, so that bands may be named by them. */
  private atResolution({ p10, p50, p90 }: Band): Band {
    const { shut = (days) => days } = this.ask;
    return { p10: shut(p10), p50: shut(p50), p90: shut(p90) };
  }

  private ahead(mine: Float64Array, race: readonly Float64Array[]): Share {
    let count = 0;
    for (let i = 0; i < mine.length; i++) if (race.every((list) => nth(list, i) >= nth(mine, i))) count++;
    return shareOf(count / mine.length, mine.length);
  }

  /** In how many draws a plan meets every delivery asked; not given where the pieces themselves are uncertain. */
  private delivers(lane: number): Share | null {
    const { deliveries = [] } = this.ask;
    const steps = nth(this.model.lanes, lane).steps;
    if (steps === null || deliveries.length === 0 || this.model.quantity !== null) return null;
    const before = this.model.lanes.slice(0, lane).flatMap((l) => l.steps ?? []).length;
    const column = (step: number, k: number): Float64Array =>
      nth(this.results, 3 * this.model.lanes.length + PACE_COLUMNS * (before + step) + k);
    const columns = steps.map((_, i) => [column(i, 0), column(i, 1), column(i, 2), column(i, 3)] as const);
    let met = 0;
    for (let i = 0; i < this.done; i++) {
      const paces = columns.map(([first, from, perDay, samples]) => ({
        first_d: nth(first, i),
        from_d: nth(from, i),
        perDay: nth(perDay, i),
        samples: nth(samples, i),
      }));
      const made = (day: number): number =>
        paces.reduce((sum, pace, k) => sum + Math.min(nth(steps, k).pieces, deliveredBy(pace, day)), 0);
      if (deliveries.every((due) => made(due.day_d) >= due.pieces)) met++;
    }
    return shareOf(met / this.done, this.done);
  }

  private difference(): DifferenceSpread | null {
    const [first, second] = this.ask.against ?? [];
    if (first === undefined || second === undefined) return null;
    const [a, b] = [this.totals(first), this.totals(second)];
    if (a === null || b === null || a.length === 0) return null;
    const d = a.map((x, i) => nth(b, i) - x);
    const sorted = d.slice().sort();
    const [from, to] = [quantileOfSorted(sorted, 0.005), quantileOfSorted(sorted, 0.995)];
    const bars = new Array<number>(BARS).fill(0);
    const step = (to - from) / BARS || 1;
    for (const x of d) increase(bars, Math.min(BARS - 1, Math.max(0, Math.floor((x - from) / step))), 1);
    const ahead = d.reduce((sum, x) => sum + (x > 0 ? 1 : x === 0 ? 0.5 : 0), 0) / d.length;
    return { first, second, band: bandOfSorted(sorted), holds: shareOf(ahead, d.length), from, to, bars };
  }
}

/** What of a step's pace is worked out, in the order of its columns. */
const pacesOf = (s: StepPace): number[] => [s.first, s.from, s.perDay, s.samples];
const PACE_COLUMNS = 4;

const shareOf = (share: number, n: number): Share => {
  const [low, high] = wilson(share, n, Z);
  return { share, low, high };
};
const shareOfBand = ({ p10, p50, p90 }: Band, q: number): Band => ({ p10: p10 / q, p50: p50 / q, p90: p90 / q });
const bandOf = (list: Float64Array): Band => bandOfSorted(list.slice().sort());
const bandOfSorted = (sorted: Float64Array): Band => ({
  p10: quantileOfSorted(sorted, 0.1),
  p50: quantileOfSorted(sorted, 0.5),
  p90: quantileOfSorted(sorted, 0.9),
});
const countUpTo = (list: Float64Array, most: number): number => {
  let count = 0;
  for (let i = 0; i < list.length; i++) if (nth(list, i) <= most) count++;
  return count;
};
