import { refuse } from '../../base/errors';
import { fitBounded, type Prior } from '../../quotes';
import type { OwnFigure, RateEntry, RateSet } from '../../rates';
import { entriesOf, likelyOf, priceAt, ratesTimes, type Priced } from './at-rates';

/** A price that a foundry asked: of a part without its tool, and of its tooling where it was told apart. */
export interface AskedPrice {
  readonly id: string;
  readonly priced: Priced;
  readonly unit: number;
  readonly tooling: number | null;
}

/** A rate that was fitted. */
export interface FittedRate {
  readonly path: string;
  readonly of: string;
  readonly words: string;
  readonly unit: string;
  readonly before: number;
  readonly after: number;
  /** One standard deviation of it. */
  readonly error: number;
  /** The figure to be adopted: its band moved along. */
  readonly figure: OwnFigure;
}

/** A price, as the model has it before and after. */
export interface FittedPrice {
  readonly id: string;
  readonly of: 'unit' | 'tooling';
  readonly asked: number;
  readonly before: number;
  readonly after: number;
  /** How much it pulls on the fit, 0–1. */
  readonly pull: number;
}

export interface Calibration {
  readonly rates: readonly FittedRate[];
  readonly prices: readonly FittedPrice[];
  /** How far the model lies off what was asked, as a rule (root of mean squares of the ratios), before and after. */
  readonly before: number;
  readonly after: number;
  /** The same for each price by a fit without it: what the rates tell of a quote that is still to come. */
  readonly leftOut: number | null;
}

/** Prices of a foundry scatter so much about its rates, to begin with. */
const FIRST_NOISE = 0.05;
/** Low and high of a band hold eight of ten; the normal deviate of its ends. */
const BAND_Z = 1.2816;
/** A figure without a band is known to a quarter. */
const NO_BAND = 0.25;
/** A rate is not moved beyond so many times its band’s end. */
const BEYOND = 2;
const LEAST_LEFT_OUT = 3;

/** What is known of a rate before: the logarithm of what it is multiplied by. */
function priorOf({ path, value }: RateEntry): Prior {
  if (typeof value === 'number')
    return { likely: 0, spread: NO_BAND, least: -Math.log(BEYOND), most: Math.log(BEYOND) };
  const [low, likely, high] = value;
  if (!(likely > 0)) return refuse('E_RANGE', path, likely, 'a rate above 0');
  const floor = Math.max(low, likely / (BEYOND * BEYOND));
  return {
    likely: 0,
    spread: Math.max(Math.log(high / floor) / (2 * BAND_Z), 0.01),
    least: Math.log(floor / likely / BEYOND),
    most: Math.log((high / likely) * BEYOND),
  };
}

const rootMeanSquare = (list: readonly number[]): number =>
  list.length === 0 ? 0 : Math.sqrt(list.reduce((sum, x) => sum + x * x, 0) / list.length);

/**
 * The few rates that explain the prices of a foundry best: bounded least squares on the ratios of model and price, each rate
 * held back by its band.
 *
 * @param asked prices, each of a part on a lane at a quantity
 * @param rates that they are held against
 * @param paths of the rates that may move, a few
 * @param leavesOut whether each price is also looked at by a fit without it, which takes a fit for each
 * @returns what each rate becomes and how sure it is; every price before and after, and how much it pulls; how far the
 *   model lies off before, after, and for a price that was left out of the fit
 * @throws {CoreError} E_RANGE without a price or a rate to move, E_KEY for a rate that is not there, E_NO_VALUE for a price
 *   of a lane that has no money
 * @example
 * refusalOf(() => calibrate([], rates, ['global.Rlab'])) // 'E_RANGE'
 */
export function calibrate(
  asked: readonly AskedPrice[],
  rates: RateSet,
  paths: readonly string[],
  leavesOut = true,
): Calibration {
  if (asked.length === 0) return refuse('E_RANGE', 'asked', 0, 'a price');
  const entries = entriesOf(rates, paths);
  const missing = paths.find((path) => !entries.some((e) => e.path === path));
  if (missing !== undefined) return refuse('E_KEY', 'paths', missing, 'the path of a rate');
  if (entries.length === 0) return refuse('E_RANGE', 'paths', 0, 'a rate to move');
  const lines = asked.flatMap(({ id, priced, unit, tooling }) => [
    { id, priced, of: 'unit' as const, price: unit },
    ...(tooling === null || tooling <= 0 ? [] : [{ id, priced, of: 'tooling' as const, price: tooling }]),
  ]);
  const modelAt = (values: readonly number[], list: typeof lines): number[] => {
    const moved = ratesTimes(rates, entries, values.map(Math.exp));
    const priced = new Map<Priced, ReturnType<typeof priceAt>>();
    return list.map((line) => {
      if (!priced.has(line.priced)) priced.set(line.priced, priceAt(line.priced, moved));
      const found = priced.get(line.priced)?.[line.of];
      if (found === undefined || !(found > 0))
        return refuse('E_NO_VALUE', 'laneId', line.priced.laneId, 'a lane that the part has a price on');
      return Math.log(found);
    });
  };
  const priors = entries.map(priorOf);
  const fitTo = (list: typeof lines) =>
    fitBounded(
      (values) => modelAt(values, list),
      list.map((l) => Math.log(l.price)),
      priors,
      FIRST_NOISE,
    );
  const fit = fitTo(lines);
  const none = priors.map(() => 0);
  const before = modelAt(none, lines);
  const after = modelAt(fit.values, lines);
  const off = (model: readonly number[]): number[] => model.map((x, i) => x - Math.log(lines[i]?.price ?? NaN));
  return {
    rates: entries.map((entry, j): FittedRate => {
      const factor = Math.exp(fit.values[j] ?? 0);
      const { path, of, words, unit, value } = entry;
      const now = likelyOf(entry);
      return {
        ...{ path, of, words, unit },
        before: now,
        after: now * factor,
        error: now * factor * (fit.errors[j] ?? 0),
        figure: typeof value === 'number' ? value * factor : [value[0] * factor, value[1] * factor, value[2] * factor],
      };
    }),
    prices: lines.map(({ id, of, price }, i) => ({
      ...{ id, of, asked: price, pull: fit.pulls[i] ?? 0 },
      before: Math.exp(before[i] ?? NaN),
      after: Math.exp(after[i] ?? NaN),
    })),
    before: rootMeanSquare(off(before)),
    after: rootMeanSquare(off(after)),
    leftOut:
      !leavesOut || asked.length < LEAST_LEFT_OUT
        ? null
        : rootMeanSquare(
            asked.flatMap(({ id }) => {
              const without = fitTo(lines.filter((l) => l.id !== id));
              const mine = lines.filter((l) => l.id === id);
              return modelAt(without.values, mine).map((x, i) => x - Math.log(mine[i]?.price ?? NaN));
            }),
          ),
  };
}
