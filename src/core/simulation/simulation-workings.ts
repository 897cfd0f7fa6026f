import type { StudyWorkings } from '../phased-plans';
import { shortName } from '../catalogue/routes';
import { fixed, whole } from '../base/numbers';
import { computed, type Working, type WorkingSymbol } from '../equations';
import type { BriefFlip } from './brief-flips';
import type { Flip } from './flips';
import type { SimulationInput } from './model';
import { CONFIDENCE, type Band, type DifferenceSpread, type LaneSpread, type Share } from './sampling';
import type { Mover } from './swings';
import type { Spread } from './draws';

/** By which draws something was found. */
export interface DrawnHow {
  readonly draws: number;
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity was uncertain too. */
  readonly demand: boolean;
}

/** What of a lane is looked at over the draws. */
export type DrawnFigure = 'allIn' | 'total' | 'first';

const TITLES: Readonly<Record<DrawnFigure, string>> = {
  allIn: 'Total cost per part, in the simulations',
  total: 'The whole programme in the simulations',
  first: 'First article in the simulations',
};
/** Figure of the workings that each is of. */
export const FIGURE_DRAWN: Readonly<Record<DrawnFigure, string>> = {
  allIn: 'allIn',
  total: 'total',
  first: 'firstArticle',
};

const howWords = ({ draws, seed, spread, demand }: DrawnHow): string =>
  `${whole(draws)} simulations, ${spread === 'pert' ? 'beta-PERT' : 'triangle'} between low and high, seed ${seed}, ${demand ? 'the quantity varied too' : 'the quantity fixed'}.`;

const limits = ({ low, high }: Share): string =>
  `${fixed(100 * low, 2)} to ${fixed(100 * high, 2)} % (Wilson’s limits of the sampling error, ${fixed(100 * CONFIDENCE, 0)} %)`;

const drawn = (symbol: string, meaning: string, value: number, unit: string): WorkingSymbol =>
  computed(symbol, meaning, value, unit);

const bandSymbols = ({ p10, p50, p90 }: Band, unit: string): WorkingSymbol[] => [
  drawn('P10', 'one simulation in ten lies under', p10, unit),
  drawn('P50', 'half of the simulations lie under', p50, unit),
  drawn('P90', 'nine simulations in ten lie under', p90, unit),
];

const shareSymbols = (share: Share, n: number, meaning: string): WorkingSymbol[] => [
  drawn('k', meaning, share.share * n, 'simulations'),
  drawn('n', 'simulations', n, 'simulations'),
];

/**
 * What the draws say of one figure of a lane.
 * @param likely the figure at likely rates, as the board has it; opens its own working
 * @param unit of the figure
 * @example
 * drawnWorking('allIn', { allIn: simulation.allIn, cheapest: null }, 8, 'USD', { draws: 200, seed: 1, spread: 'pert', demand: false }).unit // 'USD'
 */
export function drawnWorking(
  of: DrawnFigure,
  lane: Pick<LaneSpread, 'allIn' | 'total' | 'first' | 'cheapest' | 'inTime'>,
  likely: number,
  unit: string,
  how: DrawnHow,
): Working {
  const share = of === 'allIn' ? lane.cheapest : of === 'first' ? lane.inTime : null;
  const told = share === null ? '' : of === 'allIn' ? 'It is the cheapest of the race' : 'It comes in time';
  const meaning =
    of === 'allIn' ? 'simulations in which none of the race is cheaper' : 'simulations in which it comes in time';
  return {
    figure: `drawn.${of}`,
    title: TITLES[of],
    equation:
      'Every uncertain figure drawn at once, the whole sum calculated for each simulation, the simulations put in order',
    expression: 'P50',
    value: lane[of].p50,
    unit,
    symbols: [
      ...bandSymbols(lane[of], unit),
      computed('likely', 'with every figure at likely', likely, unit, FIGURE_DRAWN[of]),
      ...(share === null ? [] : shareSymbols(share, how.draws, meaning)),
    ],
    note: `${share === null ? '' : `${told} in k / n = ${fixed(100 * share.share, 2)} % of the simulations: ${limits(share)}. `}${howWords(how)} Ranges lean to the expensive side, so that half of the simulations lie above the likely sum.`,
  };
}

/**
 * In how many of the draws something holds. @param title of the working @param meaning what is counted
 *
 * @example
 * shareDrawn('On time', { share: 0.9, low: 0.88, high: 0.92 }, 'simulations in time', { draws: 100, seed: 1, spread: 'pert', demand: false }).value // 0.9
 */
export const shareDrawn = (title: string, share: Share, meaning: string, how: DrawnHow): Working => ({
  figure: 'drawn.share',
  title,
  equation: 'Every uncertain figure drawn at once, and the simulations counted in which it holds',
  expression: 'k / n',
  value: share.share,
  unit: 'share of simulations',
  symbols: shareSymbols(share, how.draws, meaning),
  note: `${limits(share)}. ${howWords(how)}`,
});

/**
 * The difference of two lanes over the draws. @param code of the study's currency
 *
 * @example
 * differenceDrawn({ first: 'spin', second: 'plaster', band: { p10: 1, p50: 2, p90: 3 }, holds: { share: 0.9, low: 0.88, high: 0.92 } }, 'USD', { draws: 100, seed: 1, spread: 'pert', demand: false }).value // 0.9
 */
export function differenceDrawn(
  difference: Pick<DifferenceSpread, 'first' | 'second' | 'band' | 'holds'>,
  code: string,
  how: DrawnHow,
): Working {
  const { first, second, band, holds } = difference;
  return {
    figure: 'drawn.difference',
    title: `${shortName(second)} less ${shortName(first)}, in the simulations`,
    equation: 'Total of the second less that of the first, in each simulation with the same figures',
    expression: 'k / n',
    value: holds.share,
    unit: 'share of simulations',
    symbols: [
      ...shareSymbols(holds, how.draws, `simulations in which ${shortName(first)} is the cheaper`),
      ...bandSymbols(band, code),
    ],
    note: `${limits(holds)}. ${howWords(how)}`,
  };
}

/** An input as a symbol with the way to where it is kept. */
const inputSymbol = (symbol: string, input: SimulationInput, value: number, words: string): WorkingSymbol => ({
  ...computed(symbol, words, value, input.unit),
  source: input.source,
  path: input.path,
  range: [input.range[0], input.range[2]],
});

/**
 * Where two lanes change places as one figure moves: both cost the same there.
 * @param words what the figure is called
 * @param k which of several such places
 * @example
 * flipWorking(flips.flips[0], flips.inputs.find((i) => i.key === flips.flips[0].key), board.leader, 'scrap', 'USD', 0).symbols.length > 0 // true
 */
export function flipWorking(
  flip: Flip,
  input: SimulationInput,
  leads: string,
  words: string,
  code: string,
  k: number,
): Working {
  const x = flip.at[k] ?? NaN;
  const [a, b] = flip.totals[k] ?? [NaN, NaN];
  return {
    figure: 'drawn.flip',
    title: `Where ${shortName(leads)} and ${shortName(flip.against)} change places`,
    equation: 'One figure moved, the rest at likely, until both programmes cost the same (formula unc.flip)',
    expression: 'x',
    value: x,
    unit: input.unit,
    symbols: [
      inputSymbol('x', input, x, `${words}, where they change places`),
      drawn('likely', `${words}, likely`, input.range[1], input.unit),
      drawn('a', `programme of ${shortName(leads)} at x`, a, code),
      drawn('b', `programme of ${shortName(flip.against)} at x`, b, code),
    ],
    note: 'a and b are the same but for the last step of the search, which narrows the change down by 48 four times over; where layouts or lots jump there, the two may differ on either side of it.',
  };
}

/**
 * What the tools, or a part, of the leader may cost before another is as cheap.
 * @param flip of the brief, of its kind `tooling` or `part`
 * @param otherId the other, as the workings know it
 * @example
 * roomWorking(workings, ofBrief.find((f) => f.kind === 'tooling'), board.leader, ofBrief.find((f) => f.kind === 'tooling').against).symbols.length > 1 // true
 */
export function roomWorking(of: StudyWorkings, flip: BriefFlip, leads: string, otherId: string): Working {
  const tools = flip.kind === 'tooling';
  const figure = tools ? 'tooling' : 'unit';
  const [now, a, b] = [of.working(leads, figure), of.working(leads, 'total'), of.working(otherId, 'total')];
  return {
    figure: `room.${figure}`,
    title: tools ? 'What its tools may cost' : 'What a part may cost',
    equation: 'Its price now, and what is left of the difference of both programmes',
    expression: tools ? 'now + (b - a)' : 'now + (b - a) / q',
    value: now.value + (b.value - a.value) / (tools ? 1 : of.q),
    unit: now.unit,
    symbols: [
      computed('now', tools ? 'tooling now' : 'price of a part without tools now', now.value, now.unit, figure),
      computed('a', `total, ${shortName(leads)}`, a.value, a.unit, 'total'),
      { ...computed('b', `total, ${shortName(otherId)}`, b.value, b.unit, 'total'), opensLane: otherId },
      ...(tools ? [] : [{ ...computed('q', 'pieces', of.q, 'pieces'), source: 'choice' as const }]),
    ],
    note: null,
  };
}

/**
 * What one figure alone does to the difference of two lanes.
 *
 * @example
 * moverWorking({ key: 'x', atLow: 1, atHigh: 2, rank: null, ends: [[1, 2], [3, 5]] }, flips.inputs[0], board.leader, 'machined', 'scrap', 'USD').symbols.length > 1 // true
 */
export function moverWorking(
  mover: Mover,
  input: SimulationInput,
  leads: string,
  second: string,
  words: string,
  code: string,
): Working {
  const [low, high] = mover.ends;
  return {
    figure: 'drawn.mover',
    title: `What ${words} alone moves`,
    equation:
      'Difference of both programmes at the high of one figure less that at its low, the rest at likely (formula unc.tornado)',
    expression: '(bHigh - aHigh) - (bLow - aLow)',
    value: mover.atHigh - mover.atLow,
    unit: code,
    symbols: [
      inputSymbol('x', input, input.range[1], `${words}, likely`),
      drawn('aLow', `${shortName(leads)} with it low`, low[0], code),
      drawn('bLow', `${shortName(second)} with it low`, low[1], code),
      drawn('aHigh', `${shortName(leads)} with it high`, high[0], code),
      drawn('bHigh', `${shortName(second)} with it high`, high[1], code),
    ],
    note: `Rank correlation with the difference in the simulations, all figures moving: ${fixed(mover.rho, 3)} (formula unc.spearman: covariance of the ranks over the product of their spreads).`,
  };
}
