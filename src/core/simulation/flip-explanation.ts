import { ALONE, PLAN, type StudyWorkings } from '../phased-plans';
import { CoreError } from '../base/errors';
import type { RateSet } from '../rates';
import { shortName } from '../catalogue/routes';
import { figure, listed, computedFigure, explain, type Explanation, type ExplainedFigure } from '../explanation';
import { fixed, whole } from '../base/numbers';
import { differenceTo } from '../study/workings';
import { type Working } from '../equations';
import type { BriefFlip } from './brief-flips';
import { flipWorking, roomWorking } from './simulation-workings';
import type { Flip } from './flips';
import { flipCostWorking } from './flip-cost-working';
import type { SimulationInput } from './model';
import { inputWords } from './input-words';
import { figureWords } from './words';

/** How the one whose flips are shown stands: a lane that leads, a plan that is ahead of the route alone, or behind it. */
export type Stance = 'first' | 'ahead' | 'behind';

/**
 * A lane that is looked at leads; a plan is behind where its tools would have to be cheaper to come ahead.
 *
 * @example
 * stanceOf(board.leader, []) // 'first'
 */
export function stanceOf(leads: string, ofBrief: readonly BriefFlip[]): Stance {
  if (leads !== PLAN) return 'first';
  const tools = ofBrief.find((f) => f.kind === 'tooling');
  return tools !== undefined && (tools.at[0] ?? Infinity) < tools.now ? 'behind' : 'ahead';
}

/**
 * A flip point as a sentence: how long the leader stays first or the plan ahead, or from where the plan comes ahead.
 * Each place opens both programmes there.
 * @param leads lane, or the plan, whose flip it is
 * @example
 * flipExplanation(flips.flips[0], flips.inputs.find((i) => i.key === flips.flips[0].key), board.leader, rates, 'first').length > 0 // true
 */
export function flipExplanation(
  flip: Flip,
  input: SimulationInput,
  leads: string,
  rates: RateSet,
  stance: Stance,
): Explanation {
  const name = inputWords(input, rates);
  const likely = input.range[1];
  const places = flip.at.map((x, k) =>
    computedFigure(figureWords(x, input.unit), leads, flipWorking(flip, input, leads, name, rates.currency.code, k)),
  );
  const now = `likely ${figureWords(likely, input.unit)}`;
  const other = shortName(flip.against);
  if (flip.kind === 'many') return explain`${name}: ${other} leads between or beyond ${listed(places, ', ')} (${now})`;
  const [at = NaN] = flip.at;
  const goes = explain`${name} ${at > likely ? 'rises above' : 'falls below'} ${places[0] ?? ''} (${now})`;
  return stance === 'behind'
    ? explain`Comes ahead of ${other} once ${goes}`
    : explain`Stays ${stance} until ${goes}; then ${other}`;
}

/**
 * A flip point of the brief or of a quote as a sentence; its figures open how they were found.
 * @param leads lane, or the plan, whose flip it is
 * @param of workings of the study at its quantity, with the plan where it is the plan's
 * @example
 * briefFlipExplanation(ofBrief[0], board.leader, 'first', workings).length > 0 // true
 */
export function briefFlipExplanation(flip: BriefFlip, leads: string, stance: Stance, of: StudyWorkings): Explanation {
  const other = shortName(flip.against ?? '');
  const to = flip.against === null ? 'no other route is sooner' : `then ${other}`;
  const { code } = of.study.rates.currency;
  const looked = (k: number, text: string, x?: number): string | ExplainedFigure => {
    const made = flipCostWorking(flip, k, leads, code, x);
    return made === null ? text : computedFigure(text, leads, made);
  };
  const [at] = flip.at;
  switch (flip.kind) {
    case 'quantity':
      return quantityFlipExplanation(flip, leads, stance, looked);
    case 'tooling':
    case 'part': {
      const room = roomOf(of, flip, leads);
      const opened = (text: string): string | ExplainedFigure =>
        room === null ? text : computedFigure(text, leads, room);
      const now = figure(figureWords(flip.now, flip.unit), leads, flip.kind === 'tooling' ? 'tooling' : 'unit');
      if (stance === 'behind' && !((at ?? NaN) > 0))
        return explain`Even with ${opened('tools for nothing')} it stays behind ${other}`;
      const under = explain`${flip.words} is under ${opened(figureWords(at ?? NaN, flip.unit))} (now ${now})`;
      return stance === 'behind'
        ? explain`Comes ahead of ${other} only where ${under}`
        : explain`Stays ${stance} while ${under}; ${to}`;
    }
    case 'tolerance':
      return explain`Stays first until the ${flip.words} is tightened to ${looked(0, figureWords(at ?? NaN, flip.unit))} (now ${figureWords(flip.now, flip.unit)}); ${flip.against === null ? 'then no route is left' : to}`;
    case 'switch': {
      const ends = flip.at.map((x, k) => looked(k, whole(x)));
      return explain`${flip.against === null ? 'Delivers no later' : 'Stays ahead, and delivers no later,'} while the first step takes ${ends[0] ?? ''} to ${ends[1] ?? ''} pieces (now ${whole(flip.now)})`;
    }
    case 'wait':
      return explain`No delivery that is met is missed while the second tool is ordered no more than ${figure(`${whole(at ?? NaN)} days`, leads, 'waits')} late`;
    case 'lead': {
      const first = figure(`${fixed((at ?? NaN) / 7, 1)} weeks`, leads, 'firstArticle');
      return explain`If the first article is wanted before ${first} from the order: ${flip.against === null ? to : `the cheapest that comes sooner is ${other}`}`;
    }
  }
}

/** What tools or a part may cost; null where the study at hand has moved on and one of both has no money any more. */
function roomOf(of: StudyWorkings, flip: BriefFlip, leads: string): Working | null {
  const against = flip.against ?? '';
  try {
    return roomWorking(of, flip, leads, leads === PLAN && against === of.plan?.alone?.laneId ? ALONE : against);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

function quantityFlipExplanation(
  flip: BriefFlip,
  leads: string,
  stance: Stance,
  looked: (k: number, text: string, x?: number) => string | ExplainedFigure,
): Explanation {
  const other = shortName(flip.against ?? '');
  const [at] = flip.at;
  // Of lanes the difference at that quantity is at hand; of a plan both totals beside it were kept.
  const place = (k: number, q: number, text: string): string | ExplainedFigure =>
    flip.looks === undefined && flip.against !== null
      ? figure(text, leads, differenceTo('total', flip.against), q)
      : looked(k, text, q);
  if (at === undefined) return explain`At no quantity of the rail do ${shortName(leads)} and ${other} change places`;
  if (flip.at.length > 1) {
    return explain`${shortName(leads)} and ${other} change places at ${listed(
      flip.at.map((q, k) => place(k, q, whole(q))),
      ', ',
    )} pieces`;
  }
  const now = `(now ${whole(flip.now)})`;
  const more = at > flip.now;
  if (stance === 'behind')
    return explain`Comes ahead of ${other} ${more ? 'from' : 'below'} ${place(0, at, `${whole(at)} pieces`)}${more ? ' on' : ''} ${now}`;
  const last = more ? at - 1 : at;
  return explain`Stays ${stance} ${more ? 'up' : 'down'} to ${place(0, last, `${whole(last)} pieces`)} over the life ${now}; then ${other}`;
}
