import { PLAN } from '../bridge';
import { rateEntries, type RateSet } from '../rates';
import { shortName } from '../routes';
import { fixed, significant, whole } from '../telling';
import type { BriefFlip } from './brief-flips';
import type { Flip } from './flips';
import type { DoubtInput } from './model';
import type { Share } from './sampling';

/** A share of the draws as a whole per cent; the outer ones as "under 1" and "over 99". */
export function percent(share: number): string {
  const p = 100 * share;
  return p > 0 && p < 1 ? 'under 1' : p < 100 && p > 99 ? 'over 99' : fixed(p, 0);
}

/** In how many of the draws, with the limits of its sampling error, in words. */
export function inDraws(s: Share): string {
  if (s.share === 1) return `in every draw (at least ${fixed(100 * s.low, 2)} %, by sampling error)`;
  if (s.share === 0) return `in no draw (at most ${fixed(100 * s.high, 2)} %, by sampling error)`;
  return `in ${percent(s.share)} % of the draws (${fixed(100 * s.low, 1)} to ${fixed(100 * s.high, 1)} %, by sampling error)`;
}

/** A figure with three digits that count. */
export const rough = (x: number): string => significant(Number(x.toPrecision(3)), 3);

/** Words with their first letter large. */
export const sentence = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

const named = new WeakMap<RateSet, ReadonlyMap<string, string>>();

/** What a figure in doubt is called: by the rate set where it is a rate, else as its working calls it. */
export function inputWords(input: DoubtInput, rates: RateSet): string {
  let known = named.get(rates);
  if (known === undefined) {
    known = new Map(rateEntries(rates).map((e) => [e.path, e.of === '' ? e.words : `${e.of}: ${e.words}`]));
    named.set(rates, known);
  }
  const lane = /^(?:routes|variants)\["(.+?)"\]/.exec(input.key)?.[1];
  const words = known.get(input.path) ?? input.words;
  return lane === undefined || words.startsWith(shortName(lane)) ? words : `${shortName(lane)}: ${words}`;
}

/** A figure with its unit, a share as a per cent. */
export const figureWords = (x: number, unit: string): string =>
  unit === 'share'
    ? `${significant(100 * x, 3)} %`
    : unit === 'pieces'
      ? `${whole(x)} pieces`
      : `${rough(x)} ${unit === '–' ? '' : unit}`.trim();

/** How far off the nearest change is, in widths of the figure's range: what is nearest would change the answer soonest. */
export function nearness(flip: Flip, input: DoubtInput): number {
  const [low, likely, high] = input.range;
  return Math.min(...flip.at.map((x) => Math.abs(x - likely))) / Math.max(high - low, 1e-12);
}

/** How the one whose flips are told stands: a lane that leads, a plan that is ahead of the route alone, or behind it. */
export type Stance = 'first' | 'ahead' | 'behind';

/** A lane that is looked at leads; a plan is behind where its tools would have to be cheaper to come ahead. */
export function stanceOf(leads: string, ofBrief: readonly BriefFlip[]): Stance {
  if (leads !== PLAN) return 'first';
  const tools = ofBrief.find((f) => f.kind === 'tooling');
  return tools !== undefined && (tools.at[0] ?? Infinity) < tools.now ? 'behind' : 'ahead';
}

/** A flip point as a sentence: how long the leader stays first or the plan ahead, or from where the plan comes ahead. */
export function flipWords(flip: Flip, input: DoubtInput, rates: RateSet, stance: Stance): string {
  const name = inputWords(input, rates);
  const likely = input.range[1];
  const told = flip.at.map((x) => figureWords(x, input.unit));
  const now = `likely ${figureWords(likely, input.unit)}`;
  if (flip.kind === 'many')
    return `${name}: ${shortName(flip.against)} leads between or beyond ${told.join(', ')} (${now})`;
  const [at = NaN] = flip.at;
  const goes = `${name} ${at > likely ? 'rises above' : 'falls below'} ${told[0] ?? ''} (${now})`;
  return stance === 'behind'
    ? `Comes ahead of ${shortName(flip.against)} once ${goes}`
    : `Stays ${stance} until ${goes}; then ${shortName(flip.against)}`;
}

/** A flip point of the brief or of a quote as a sentence. */
export function briefFlipWords(flip: BriefFlip, leads: string, stance: Stance = stanceOf(leads, [])): string {
  const to = flip.against === null ? 'no other route is sooner' : `then ${shortName(flip.against)}`;
  const [at] = flip.at;
  const other = shortName(flip.against ?? '');
  switch (flip.kind) {
    case 'quantity':
      if (at === undefined) return `At no quantity of the rail do ${shortName(leads)} and ${other} change places`;
      if (flip.at.length > 1)
        return `${shortName(leads)} and ${other} change places at ${flip.at.map(whole).join(', ')} pieces`;
      if (stance === 'behind')
        return `Comes ahead of ${other} ${at > flip.now ? `from ${whole(at)} pieces on` : `below ${whole(at)} pieces`} (now ${whole(flip.now)})`;
      return `Stays ${stance} ${at > flip.now ? `up to ${whole(at - 1)}` : `down to ${whole(at)}`} pieces over the life (now ${whole(flip.now)}); ${to}`;
    case 'tooling':
    case 'part':
      if (stance === 'behind' && !((at ?? NaN) > 0)) return `Even with tools for nothing it stays behind ${other}`;
      return stance === 'behind'
        ? `Comes ahead of ${other} only where ${flip.words} is under ${figureWords(at ?? NaN, flip.unit)} (now ${figureWords(flip.now, flip.unit)})`
        : `Stays ${stance} while ${flip.words} is under ${figureWords(at ?? NaN, flip.unit)} (now ${figureWords(flip.now, flip.unit)}); ${to}`;
    case 'tolerance':
      return `Stays first until the ${flip.words} is tightened to ${figureWords(at ?? NaN, flip.unit)} (now ${figureWords(flip.now, flip.unit)}); ${flip.against === null ? 'then no route survives' : to}`;
    case 'switch':
      return `${flip.against === null ? 'Delivers no later' : 'Stays ahead, and delivers no later,'} while the first step takes ${flip.at.map(whole).join(' to ')} pieces (now ${whole(flip.now)})`;
    case 'wait':
      return `No delivery that is met is missed while the second tool is ordered no more than ${whole(at ?? NaN)} days late`;
    case 'lead':
      return `If the first article is wanted before ${fixed((at ?? NaN) / 7, 1)} weeks from the order: ${flip.against === null ? to : `the cheapest that comes sooner is ${shortName(flip.against)}`}`;
  }
}
