import type { ExplainedFigure, Explanation } from '@/core/explanation';
import type { RateSet } from '@/core/rates';
import {
  briefFlipExplanation,
  figureWords,
  flipExplanation,
  inputWords,
  nearness,
  stanceOf,
  type BriefFlip,
} from '@/core/simulation';
import type { StudyWorkings } from '@/core/phased-plans';
import type { SimulationDepth } from '@/workers/simulation.protocol';

/** One input and where it would change the choice. */
export interface FlipRow {
  readonly key: string;
  readonly name: string;
  /** Today's value, with its unit. */
  readonly now: string;
  /** Low and high of its range over today's value; null where it has none. */
  readonly range: readonly [number, number] | null;
  /** Where it flips, over today's value, rising. */
  readonly at: readonly number[];
  /** The same as figures that open how they were found. */
  readonly figures: readonly ExplainedFigure[];
  /** Route that takes the lead; null where none is left. */
  readonly to: string | null;
  readonly within: boolean;
  /** Distance to the nearest flip; the rows come by it. */
  readonly near: number;
  /** The whole sentence. */
  readonly explanation: Explanation;
  /** Quantities the rail can be set to. */
  readonly quantities: readonly number[];
}

const figuresOf = (explanation: Explanation): ExplainedFigure[] => explanation.filter((p) => typeof p !== 'string');

/** Distance of a ratio from one, the same either way. */
const away = (ratio: number): number => (ratio > 0 ? Math.abs(Math.log(ratio)) : Infinity);

function ofBrief(flip: BriefFlip, leader: string, explanation: Explanation): FlipRow {
  const at = flip.at.map((x) => (flip.now === 0 ? Infinity : x / flip.now));
  return {
    key: `${flip.kind} ${flip.key}`,
    name: flip.words,
    now: figureWords(flip.now, flip.unit),
    range: null,
    at,
    figures: figuresOf(explanation).slice(0, Math.max(1, at.length)),
    to: flip.at.length === 0 ? leader : flip.against,
    within: false,
    near: at.length === 0 ? Infinity : Math.min(...at.map(away)),
    explanation,
    quantities: flip.kind === 'quantity' ? flip.at : [],
  };
}

/** What would change the choice, one input at a time, the nearest first; what changes nothing comes last. */
export function flipRows(depth: SimulationDepth, rates: RateSet, of: StudyWorkings): readonly FlipRow[] {
  const by = new Map(depth.inputs.map((i) => [i.key, i]));
  const stance = stanceOf(depth.leader, depth.briefFlips);
  const brief = depth.briefFlips.map((flip) =>
    ofBrief(flip, depth.leader, briefFlipExplanation(flip, depth.leader, stance, of)),
  );
  const figures = depth.flips.flatMap((flip): FlipRow[] => {
    const input = by.get(flip.key);
    if (input === undefined) return [];
    const [low, likely, high] = input.range;
    const explanation = flipExplanation(flip, input, depth.leader, rates, stance);
    return [
      {
        key: `${flip.key} ${flip.against}`,
        name: inputWords(input, rates),
        now: figureWords(likely, input.unit),
        range: likely === 0 ? null : [low / likely, high / likely],
        at: flip.at.map((x) => (likely === 0 ? Infinity : x / likely)),
        figures: figuresOf(explanation),
        to: flip.against,
        within: flip.within,
        near: likely === 0 ? nearness(flip, input) : Math.min(...flip.at.map((x) => away(x / likely))),
        explanation,
        quantities: [],
      },
    ];
  });
  return [...brief, ...figures].sort((a, b) => Number(b.within) - Number(a.within) || a.near - b.near);
}
