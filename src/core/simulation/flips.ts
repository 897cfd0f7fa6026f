import { nth } from '../base/lookup';
import type { Triple } from '../base/figures';
import { flipKind, type FlipKind } from '../formula-book/uncertainty';
import type { SimulationInput, SimulationModel } from './model';
import { Runner } from './program';

/** A figure at which two lanes change places, everything else at likely. */
export interface Flip {
  /** Name of the figure, as among the inputs. */
  readonly key: string;
  /** Lane that takes the lead. */
  readonly against: string;
  /** Where they change places, rising, in the figure's unit; those nearest to the likely figure decide. */
  readonly at: readonly number[];
  /** Totals of the leader and the other at each of them, study currency. */
  readonly totals: readonly (readonly [leader: number, other: number])[];
  readonly kind: FlipKind;
  /** Whether one of them lies between the figure's low and high. */
  readonly within: boolean;
}

/** Steps a figure is looked at over its bracket; changes nearer to each other than one may be missed. */
export const FLIP_STEPS = 48;
/** How far beyond its range a figure is looked at. */
const REACH = 4;
/** Shares stay below this. */
const MOST_SHARE = 0.95;
const ROUNDS = 4;

/**
 * The stretch over which a figure is looked at: its range, and as far again as could be.
 *
 * @example
 * bracketOf({ range: [1, 2, 4], unit: 'USD/h' }) // [0.5, 8]
 */
export function bracketOf({ range, unit }: Pick<SimulationInput, 'range' | 'unit'>): readonly [number, number] {
  const [low, likely, high]: Triple = range;
  const least = Math.min(low, likely > 0 ? likely / REACH : likely * REACH);
  const most = Math.max(high, likely > 0 ? likely * REACH : likely / REACH);
  return unit.startsWith('share') || unit === '–'
    ? [Math.max(0, least), Math.min(Math.max(MOST_SHARE, high), most)]
    : [least, most];
}

/**
 * Looks, for one uncertain figure at a time, where the leader and each other lane change places (formula unc.flip).
 * Made once for many figures: what is readied for one serves the next.
 */
export class FlipFinder {
  private readonly runner: Runner;
  private readonly others: readonly string[];
  private readonly inputs: Float64Array<ArrayBuffer>[];
  private readonly results: Float64Array[];

  constructor(
    private readonly model: SimulationModel,
    leader: string,
    others: readonly string[],
  ) {
    const lanes = [leader, ...others].flatMap((id) => model.lanes.find((l) => l.id === id) ?? []);
    this.others = lanes.slice(1).map((l) => l.id);
    this.runner = new Runner(
      model.program,
      lanes.map((l) => l.total),
    );
    this.inputs = model.inputs.map((i) => new Float64Array(FLIP_STEPS + 1).fill(i.range[1]));
    this.results = lanes.map(() => new Float64Array(FLIP_STEPS + 1));
  }

  /** Flips of the figure with index k among the model's inputs; none where it has no bracket. */
  of(k: number): Flip[] {
    const input = this.model.inputs[k];
    if (input === undefined || this.others.length === 0) return [];
    const [low, high] = bracketOf(input);
    if (!(high > low)) return [];
    const step = (high - low) / FLIP_STEPS;
    return this.differences(k, evenly(low, high)).flatMap((d, lane): Flip[] => {
      const at = changes(d).map((i) =>
        refined(low + i * step, low + (i + 1) * step, (values) => nth(this.differences(k, values), lane)),
      );
      const totals = at.map((x) => this.totals(k, x, lane));
      const within = at.some((x) => x >= input.range[0] && x <= input.range[2]);
      return at.length === 0
        ? []
        : [{ key: input.key, against: nth(this.others, lane), at, totals, kind: flipKind(at), within }];
    });
  }

  /** Totals of the leader and one other with figure k at x. */
  private totals(k: number, x: number, lane: number): readonly [number, number] {
    this.differences(k, Float64Array.of(x));
    return [nth(nth(this.results, 0), 0), nth(nth(this.results, lane + 1), 0)];
  }

  /** Totals of each other lane less the leader's, with figure k at some values and the rest at likely. */
  private differences(k: number, values: Float64Array<ArrayBuffer>): Float64Array[] {
    const kept = nth(this.inputs, k);
    this.inputs[k] = values;
    this.runner.run(this.inputs, this.results, 0, values.length);
    this.inputs[k] = kept;
    return this.results.slice(1).map((list) => list.map((t, i) => t - nth(nth(this.results, 0), i)));
  }
}

/**
 * Flips of every uncertain figure.
 *
 * @example
 * flipsOf(simulated, board.leader, []) // []
 */
export function flipsOf(model: SimulationModel, leader: string, others: readonly string[]): Flip[] {
  const finder = new FlipFinder(model, leader, others);
  return model.inputs.flatMap((_, k) => finder.of(k));
}

const evenly = (low: number, high: number): Float64Array<ArrayBuffer> =>
  Float64Array.from({ length: FLIP_STEPS + 1 }, (_, i) => low + (i * (high - low)) / FLIP_STEPS);

/** Steps over which a list changes its sign; a zero that is only touched is none. */
function changes(d: Float64Array): number[] {
  const out: number[] = [];
  let sign = 0;
  let last = 0;
  for (let i = 0; i < d.length; i++) {
    const s = Math.sign(nth(d, i));
    if (s === 0) continue;
    if (sign !== 0 && s !== sign) out.push(Math.max(last, i - 1));
    sign = s;
    last = i;
  }
  return out;
}

/** The change within a step, narrowed by looking at it ever closer. */
function refined(low: number, high: number, at: (values: Float64Array<ArrayBuffer>) => Float64Array): number {
  let [from, to] = [low, high];
  for (let round = 0; round < ROUNDS; round++) {
    const i = changes(at(evenly(from, to)))[0];
    if (i === undefined) break;
    const step = (to - from) / FLIP_STEPS;
    [from, to] = [from + i * step, from + (i + 1) * step];
  }
  return to;
}
