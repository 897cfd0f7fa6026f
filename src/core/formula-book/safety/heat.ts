import { finite, inOrder, within } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

export const HEAT_INDEX = /* @__PURE__ */ formula({
  id: 'safe.wbgt',
  out: 'wbgt_C',
  title: 'Heat index of the work place',
  unit: '°C',
  expression: { shade: '0.7 * wet + 0.3 * globe', sun: '0.7 * wet + 0.2 * globe + 0.1 * dry' },
  symbols: {
    wet: ['natural wet bulb', '°C'],
    globe: ['black globe', '°C'],
    dry: ['dry bulb', '°C'],
  },
});

/**
 * Heat index of a work place (formula safe.wbgt), averaged over the hour.
 *
 * @param input.wetBulb_C natural; input.globe_C; input.sun, then with dryBulb_C
 * @returns wet-bulb globe temperature, °C
 * @throws {CoreError} E_NOT_A_NUMBER for sun without a dry bulb
 * @example
 * heatIndex({ wetBulb_C: 23, globe_C: 41, sun: false }).wbgt_C // 28.4
 */
export function heatIndex(input: {
  readonly wetBulb_C: number;
  readonly globe_C: number;
  readonly dryBulb_C?: number;
  readonly sun: boolean;
}): { wbgt_C: number } {
  const wet = finite('wetBulb_C', input.wetBulb_C);
  const globe = finite('globe_C', input.globe_C);
  if (typeof input.sun !== 'boolean') refuse('E_NOT_A_NUMBER', 'sun', input.sun, 'true or false');
  const dry = input.sun ? finite('dryBulb_C', input.dryBulb_C) : 0;
  return { wbgt_C: HEAT_INDEX.of({ wet, globe, dry }, input.sun ? 'sun' : 'shade') };
}

/** Least and most metabolic rate that the limit holds for, W. */
const RATES = [65, 700] as const;
const REST_W = 115;
const LIMITS = { used: [56.7, 11.5], fresh: [59.9, 14.1] } as const;
const MIN_PER_H = 60;
const ROUNDS = 80;

export const HEAT_LIMIT = /* @__PURE__ */ formula({
  id: 'safe.work-rest',
  out: 'limitWork_C',
  title: 'Heat index allowed at a rate of work',
  unit: '°C',
  expression: 'a - b * ln(M) / ln(10)',
  symbols: {
    a: ['limit at 1 W', '°C'],
    b: ['fall for ten times the rate', '°C'],
    M: ['rate of work', 'W'],
  },
});

/**
 * Minutes of work in an hour in the heat (formula safe.work-rest). Normal clothing: aprons, coats and shields add 1 to 11 K first. Stepped
 * limits by class of work exist beside it: show the stricter.
 *
 * @param input.wbgtWork_C and wbgtRest_C heat index of both places; input.workRate_W (pouring and ramming 300 to 420, tending 180 to 250),
 *   restRate_W (115); input.acclimatised (yes)
 * @returns limit at the rate of work, °C; the largest share of work, 0 if even rest is above; minutes of an hour
 * @throws {CoreError} E_RANGE for rates outside 65 to 700 W, E_ORDER for more at rest than at work
 * @example
 * workAndRest({ wbgtWork_C: 30, wbgtRest_C: 24, workRate_W: 350 }).work_min_per_h // 44.1700050151
 */
export function workAndRest(input: {
  readonly wbgtWork_C: number;
  readonly wbgtRest_C: number;
  readonly workRate_W: number;
  readonly restRate_W?: number;
  readonly acclimatised?: boolean;
}): { limitWork_C: number; workShare: number; work_min_per_h: number } {
  const work = finite('wbgtWork_C', input.wbgtWork_C);
  const rest = finite('wbgtRest_C', input.wbgtRest_C);
  const Mw = within('workRate_W', input.workRate_W, ...RATES);
  const Mr = within('restRate_W', input.restRate_W ?? REST_W, ...RATES);
  inOrder(Mr <= Mw, 'restRate_W', Mr, `at most the ${Mw} W of work`);
  const [a, b] = (input.acclimatised ?? true) ? LIMITS.used : LIMITS.fresh;
  const limit = (M: number): number => HEAT_LIMIT.of({ a, b, M });
  const over = (f: number): number => f * work + (1 - f) * rest - limit(f * Mw + (1 - f) * Mr);
  return { limitWork_C: limit(Mw), ...shareOfWork(over) };
}

/** The largest share at which nothing is over the limit; 0 where even rest is. */
function shareOfWork(over: (share: number) => number): { workShare: number; work_min_per_h: number } {
  if (over(0) > 0) return { workShare: 0, work_min_per_h: 0 };
  if (over(1) <= 0) return { workShare: 1, work_min_per_h: MIN_PER_H };
  let [low, high] = [0, 1];
  for (let i = 0; i < ROUNDS; i++) {
    const middle = (low + high) / 2;
    if (over(middle) <= 0) low = middle;
    else high = middle;
  }
  return { workShare: low, work_min_per_h: low * MIN_PER_H };
}
