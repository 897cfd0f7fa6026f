import { everyAlloy, ratesFamily, type RateEntry, type RateSet } from '../../rates';
import { entriesOf, likelyOf, priceAt, ratesTimes, type Priced } from './at-rates';
import { LEVERS } from './levers.data';

/** What one rate would have to be for the model to ask what a quote asks. */
export interface ImpliedRate {
  readonly path: string;
  readonly of: string;
  readonly words: string;
  readonly unit: string;
  readonly now: number;
  /** Null where no value within reach explains the price. */
  readonly implied: number | null;
  /** Whether that lies within the band of the rate. */
  readonly inBand: boolean;
}

/** A rate is looked for from a fifth to five times what it is. */
const REACH = 5;
const ROUNDS = 40;
const CLOSE = 1e-6;

/** The factor at which a rising or falling price meets its target; null where it does not within reach. */
function factorFor(priceOf: (factor: number) => number | null, target: number): number | null {
  let [low, high] = [1 / REACH, REACH];
  const off = (factor: number): number | null => {
    const price = priceOf(factor);
    return price === null ? null : price - target;
  };
  const ends = [off(low), off(high)] as const;
  const [atLow, atHigh] = ends;
  if (atLow === null || atHigh === null || atLow * atHigh > 0) return null;
  for (let i = 0; i < ROUNDS; i++) {
    const middle = Math.sqrt(low * high);
    const found = off(middle);
    if (found === null) return null;
    if (Math.abs(found) <= CLOSE * Math.abs(target)) return middle;
    if (found * atLow > 0) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}

const bandOf = ({ value }: RateEntry): readonly [number, number] =>
  typeof value === 'number' ? [value, value] : [value[0], value[2]];

/**
 * What each of a few rates would have to be, alone, for the model to ask what a quote asks.
 *
 * @param priced the part, its lane and the pieces of the programme
 * @param rates of the study
 * @param target price of a part without its tool, or of the tooling, in the currency of the rates
 * @param of which of the two
 * @returns the rates that can explain it first, those within their bands before others
 * @example
 * impliedRates({ brief, policy: 'published', laneId: 'no-such/lane', q: 500 }, rates, 20, 'unit').every((i) => i.implied === null) // true
 */
export function impliedRates(
  priced: Priced,
  rates: RateSet,
  target: number,
  of: 'unit' | 'tooling',
): readonly ImpliedRate[] {
  const alloy = everyAlloy(rates).find(({ id }) => id === priced.brief.alloy);
  const family = alloy === undefined ? '' : ratesFamily(alloy.family);
  const paths = LEVERS.filter((lever) => lever.of === of).map(({ path }) =>
    path.replace('{lane}', priced.laneId).replace('{family}', family),
  );
  const found = entriesOf(rates, paths).map((entry): ImpliedRate => {
    const factor = factorFor((x) => priceAt(priced, ratesTimes(rates, [entry], [x]))?.[of] ?? null, target);
    const now = likelyOf(entry);
    const implied = factor === null ? null : now * factor;
    const [low, high] = bandOf(entry);
    const { path, words, unit } = entry;
    return {
      path,
      of: entry.of,
      words,
      unit,
      now,
      implied,
      inBand: implied !== null && implied >= low && implied <= high,
    };
  });
  const order = (i: ImpliedRate): number => (i.inBand ? 0 : i.implied === null ? 2 : 1);
  return found.sort((a, b) => order(a) - order(b));
}
