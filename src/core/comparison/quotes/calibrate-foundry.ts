import { LANES } from '../../catalogue/routes';
import type { Brief } from '../../brief';
import type { TolerancePolicy } from '../../part';
import { everyAlloy, ratesFamily, type RateSet } from '../../rates';
import { calibrate, type AskedPrice, type Calibration } from './calibrate';
import { entriesOf, priceAt } from './at-rates';
import { LEVERS } from './levers.data';

/** A price that a foundry asked, of which part, and for how many. */
export interface FoundryPrice {
  readonly id: string;
  /** What it is of, in words. */
  readonly words: string;
  readonly brief: Brief;
  readonly policy: TolerancePolicy;
  readonly laneId: string;
  readonly q: number;
  /** Comparable price of a piece, and first tools over the programme, in the currency of the rates. */
  readonly unit: number;
  readonly tooling: number | null;
}

/** Rates fitted to what a foundry asked, with what could be fitted and what could not. */
export interface FoundryCalibration {
  readonly calibration: Calibration | null;
  /** What each price is of, by its id. */
  readonly words: Readonly<Record<string, string>>;
  /** Prices that were left out, with why. */
  readonly left: readonly { readonly id: string; readonly words: string; readonly why: string }[];
  /** Rates that were let move. */
  readonly paths: readonly string[];
}

/** Rates that move at first: of machines and moulds apart they explain what shops differ in. */
const FIRST = ['global.Rlab', 'global.oh', 'global.Rtool', 'global.Rpat'];

/**
 * Rates of a foundry fitted to the prices it asked.
 *
 * @param prices as asked; one of a lane that has no money by the model is left out
 * @param rates that they are held against, at no foundry
 * @param paths of the rates that may move; the usual few where none are named
 * @returns no calibration where no price is left
 * @throws {CoreError} as calibrate does
 * @example
 * calibrateFoundry([], rates).calibration // null
 */
export function calibrateFoundry(
  prices: readonly FoundryPrice[],
  rates: RateSet,
  paths: readonly string[] = FIRST,
): FoundryCalibration {
  const left: { id: string; words: string; why: string }[] = [];
  const asked = prices.flatMap(({ id, words, brief, policy, laneId, q, unit, tooling }): AskedPrice[] => {
    const priced = { brief, policy, laneId, q };
    const isLane = (rates.lanes ?? LANES).some((lane) => lane.id === laneId);
    const why = !isLane
      ? 'no casting'
      : !(unit > 0)
        ? 'no price of a piece'
        : priceAt(priced, rates) === null
          ? 'the model has no price of it'
          : null;
    if (why === null) return [{ id, priced, unit, tooling }];
    left.push({ id, words, why });
    return [];
  });
  const known = entriesOf(rates, paths).map((e) => e.path);
  return {
    calibration: asked.length === 0 || known.length === 0 ? null : calibrate(asked, rates, known),
    words: Object.fromEntries(prices.map(({ id, words }) => [id, words])),
    left,
    paths: known,
  };
}

/** A rate that may be let move, in words. */
export interface MovableRate {
  readonly path: string;
  readonly words: string;
}

/**
 * Rates that may be let move for prices of some parts and lanes.
 *
 * @param prices of which parts and lanes
 * @example
 * movableRates([], rates).some((r) => r.path === 'global.Rlab') // true
 */
export function movableRates(prices: readonly Pick<FoundryPrice, 'brief' | 'laneId'>[], rates: RateSet): MovableRate[] {
  const alloys = everyAlloy(rates);
  const paths = LEVERS.flatMap(({ path }) => {
    if (path.includes('{lane}')) return prices.map((p) => path.replace('{lane}', p.laneId));
    if (!path.includes('{family}')) return [path];
    return prices.flatMap(({ brief }) => {
      const alloy = alloys.find((a) => a.id === brief.alloy);
      return alloy === undefined ? [] : [path.replace('{family}', ratesFamily(alloy.family))];
    });
  });
  return entriesOf(rates, [...new Set(paths)]).map(({ path, of, words }) => ({
    path,
    words: [of, words].filter(Boolean).join(': '),
  }));
}
