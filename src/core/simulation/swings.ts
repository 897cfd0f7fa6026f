import { nth } from '../base/lookup';
import { bySwing, correlation, ranksOf, type Swing } from '../formula-book/uncertainty';
import type { SimulationModel } from './model';
import { Runner } from './program';
import type { Sampling } from './sampling';

/** How much one uncertain figure moves a difference of two lanes. Money in the study's currency. */
export interface Mover extends Swing {
  /** Rank correlation with the difference over the draws, −1 to 1. */
  readonly rho: number;
  /** Its share of all squared correlations: an order, not a split of the spread. */
  readonly contribution: number;
  /** Totals of the first and the second with it low, and with it high. */
  readonly ends: readonly [Ends, Ends];
}

type Ends = readonly [first: number, second: number];

/** Draws that ranks are taken over. */
const RANKED = 2000;

/**
 * Uncertain figures by how much they move the difference of two lanes, second less first: each from its low to its high
 * with the rest at likely, and by rank correlation with all moving (formulas unc.tornado and unc.spearman).
 * @param sampling draws of the same model; where fewer than three are made, correlations are 0
 * @example
 * moversOf(simulated, simulated.lanes[0].id, simulated.lanes[1].id, null).length > 5 // true
 */
export function moversOf(model: SimulationModel, first: string, second: string, sampling: Sampling | null): Mover[] {
  const [a, b] = [first, second].map((id) => model.lanes.find((l) => l.id === id));
  if (a === undefined || b === undefined) return [];
  const n = 2 * model.inputs.length;
  const inputs = model.inputs.map((input, k) => {
    const list = new Float64Array(n).fill(input.range[1]);
    list[2 * k] = input.range[0];
    list[2 * k + 1] = input.range[2];
    return list;
  });
  const [one, two] = [new Float64Array(n), new Float64Array(n)];
  new Runner(model.program, [a.total, b.total]).run(inputs, [one, two], 0, n);
  const rho = correlations(model, first, second, sampling);
  const squares = rho.reduce((sum, r) => sum + r * r, 0);
  return model.inputs
    .map(({ key }, k): Mover => {
      const [atLow, atHigh] = [nth(two, 2 * k) - nth(one, 2 * k), nth(two, 2 * k + 1) - nth(one, 2 * k + 1)];
      return {
        name: key,
        atLow,
        atHigh,
        ends: [
          [nth(one, 2 * k), nth(two, 2 * k)],
          [nth(one, 2 * k + 1), nth(two, 2 * k + 1)],
        ],
        swing: Math.abs(atHigh - atLow),
        rho: nth(rho, k),
        contribution: squares > 0 ? (nth(rho, k) * nth(rho, k)) / squares : 0,
      };
    })
    .sort(bySwing);
}

function correlations(model: SimulationModel, first: string, second: string, sampling: Sampling | null): number[] {
  const [a, b] = [sampling?.totals(first) ?? null, sampling?.totals(second) ?? null];
  if (sampling === null || a === null || b === null || a.length < 3) return model.inputs.map(() => 0);
  const n = Math.min(RANKED, a.length);
  const out = ranksOf(Float64Array.from({ length: n }, (_, i) => nth(b, i) - nth(a, i)));
  const drawn = new Map(sampling.model.inputs.map((input, k) => [input.key, nth(sampling.inputs(n), k)]));
  return model.inputs.map(({ key }) => {
    const list = drawn.get(key);
    return list === undefined ? 0 : correlation(ranksOf(list.subarray(0, n)), out);
  });
}
