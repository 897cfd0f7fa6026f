import { refuse } from '../../base/errors';
import type { Alloy } from '../../catalogue/alloys';
import type { Working } from '../../equations';
import { everyAlloy, pricedAlloy, type RateSet } from '../../rates';
import * as E from './equations';
import type { OfScreen } from './equations';
import { GUESSABLE, type BoughtPart, type ScreenedPart } from './types';

/** A casting wins nothing over a part that costs less than so many times its metal. */
const LEAST_OVER_METAL = 1.5;
/** A turned part of which no more than this is bought for a kilogram kept is cut. */
const LITTLE_CHIP = 1.8;
const LEAST_A_YEAR = 5;

const caseOf = (part: BoughtPart, alloy: Alloy, rates: RateSet): OfScreen => ({ part, alloy, rates, end: 'likely' });

/** Why a part is left out (13.6), or null. */
function whyLeftOut(c: OfScreen, boughtToKept: number): string | null {
  const { part, alloy, rates } = c;
  if (E.listRates(rates).castPerKg[alloy.family] === undefined) return 'no casting figure for this metal here';
  if (part.toothed) return 'toothed or threaded: cut, do not cast';
  if (part.way === 'turned' && boughtToKept <= LITTLE_CHIP) return 'turned with little chip: cut, do not cast';
  if (part.way === 'stamped' && part.pieces === 1) return 'one thickness from strip: stamp';
  if (part.today_USD < LEAST_OVER_METAL * part.finished_kg * alloy.price_USD_kg[1])
    return 'costs little more than its metal: nothing to win';
  return part.perYear < LEAST_A_YEAR ? 'fewer than five a year' : null;
}

function screened(part: BoughtPart, alloyOf: ReadonlyMap<string, Alloy>, rates: RateSet): ScreenedPart {
  const confidence = 1 - new Set(part.guessed).size / GUESSABLE.length;
  const alloy = alloyOf.get(part.material);
  if (alloy === undefined)
    return {
      ...{ part, alloyName: part.material, confidence },
      ...{ stock_kg: null, boughtToKept: null, stockMoney: null, guess: null, tool: null, saving: null, rank: null },
      leftOut: 'no alloy of that name here',
    };
  const c = caseOf(part, alloy, rates);
  const boughtToKept = E.KEPT.value(c);
  const leftOut = whyLeftOut(c, boughtToKept);
  const known = E.listRates(rates).castPerKg[alloy.family] !== undefined;
  const saving = (end: E.End): number => E.SAVING.value({ ...c, end });
  return {
    ...{ part, alloyName: alloy.name, confidence, boughtToKept, leftOut },
    stock_kg: E.STOCK.value(c),
    stockMoney: E.STOCK_MONEY.value(c),
    guess: known ? E.GUESS.value(c) : null,
    tool: known ? E.TOOL.value(c) : null,
    saving: leftOut === null ? [saving('least'), saving('likely'), saving('greatest')] : null,
    rank: null,
  };
}

/**
 * Screens a list of bought parts for those that a casting might save most on (section 13 of the cost model): it ranks where
 * to look; a study decides.
 *
 * @param parts of the list
 * @param rates money, with the alloys and prices of the team's own
 * @returns the parts that save most first, equal ones by what is cut away; those left out last, in the order given
 * @example
 * screenParts([], rates) // []
 */
export function screenParts(parts: readonly BoughtPart[], rates: RateSet): readonly ScreenedPart[] {
  const alloys = new Map(everyAlloy(rates).map((alloy) => [alloy.id, pricedAlloy(alloy, rates)]));
  const all = parts.map((part) => screened(part, alloys, rates));
  const kept = all
    .filter((s) => s.saving !== null)
    .sort((a, b) => (b.saving?.[1] ?? 0) - (a.saving?.[1] ?? 0) || (b.boughtToKept ?? 0) - (a.boughtToKept ?? 0));
  return [...kept.map((s, i) => ({ ...s, rank: i + 1 })), ...all.filter((s) => s.saving === null)];
}

/** Figures of a screened part that open. */
export const SCREEN_FIGURES = ['saving', 'guess', 'tool', 'work', 'stockMoney', 'stock', 'boughtToKept'] as const;
export type ScreenFigure = (typeof SCREEN_FIGURES)[number];

/**
 * How a figure of a screened part comes about, at likely values.
 *
 * @param figure one of SCREEN_FIGURES
 * @throws {CoreError} E_KEY for another figure, or an alloy that is not there
 * @example
 * screenWorking(boughtPart, rates, 'saving').unit // 'USD a year'
 */
export function screenWorking(part: BoughtPart, rates: RateSet, figure: string): Working {
  const alloy = everyAlloy(rates).find(({ id }) => id === part.material);
  if (alloy === undefined) return refuse('E_KEY', 'material', part.material, 'the id of an alloy');
  const step = E.SCREEN_EQUATIONS.find((one) => one.figure === `screen.${figure}`);
  if (step === undefined) return refuse('E_KEY', 'figure', figure, SCREEN_FIGURES.join(' | '));
  return step.working(caseOf(part, pricedAlloy(alloy, rates), rates));
}
