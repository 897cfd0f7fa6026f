import { fixed, significant, whole } from '../base/numbers';
import type { Flip } from './flips';
import type { SimulationInput } from './model';
import { percent, rough } from './rounding';
import type { Share } from './sampling';

/**
 * In how many of the simulations, in three pieces: what leads to it, the share, the limits of its sampling error.
 *
 * @param draws simulations made
 * @example
 * drawsParts({ share: 0.5, low: 0.4, high: 0.6 }, 10_000)
 * // ['in ', '50 % of simulations', 'Sampling error: 40.0–60.0 %']
 */
export function drawsParts(s: Share, draws: number): readonly [lead: string, share: string, limits: string] {
  const limits = (words: string): string => `Sampling error: ${words} %`;
  if (s.share === 1) return ['in ', `all ${whole(draws)} simulations`, limits(`at least ${fixed(100 * s.low, 2)}`)];
  if (s.share === 0) return ['in ', `none of ${whole(draws)} simulations`, limits(`at most ${fixed(100 * s.high, 2)}`)];
  return ['in ', `${percent(s.share)} % of simulations`, limits(`${fixed(100 * s.low, 1)}–${fixed(100 * s.high, 1)}`)];
}

/**
 * Words with their first letter large.
 *
 * @example
 * sentence('gravity die') // 'Gravity die'
 */
export const sentence = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

/**
 * A figure with its unit, a share as a per cent.
 *
 * @example
 * figureWords(8.1, 'USD') // '8.1 USD'
 */
export const figureWords = (x: number, unit: string): string =>
  unit === 'share'
    ? `${significant(100 * x, 3)} %`
    : unit === 'pieces'
      ? `${whole(x)} pieces`
      : `${rough(x)} ${unit === '–' ? '' : unit}`.trim();

/**
 * How far off the nearest change is, in widths of the figure's range: what is nearest would change the answer soonest.
 *
 * @example
 * nearness({ at: [3], against: 'spin', kind: 'one' }, { range: [1, 2, 3] }) // 0.5
 */
export function nearness(flip: Flip, input: SimulationInput): number {
  const [low, likely, high] = input.range;
  return Math.min(...flip.at.map((x) => Math.abs(x - likely))) / Math.max(high - low, 1e-12);
}
