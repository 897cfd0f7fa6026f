import { boardAt, plainMoney, prepareStudy, weeks, type Board, type Study } from '../board';
import type { Brief } from '../brief';
import { firstOf, FIRST_WEIGHTS, schoolsAt, type Weights } from '../choice';
import { CoreError } from '../errors';
import type { School } from '../part';
import { rateDifferences, type OwnFigure, type RateSet } from '../rates';
import { shortName } from '../routes';
import { keptPlan } from './kept-plan';
import type { PlanChoice } from '../bridge';

/** Whether a signed choice would still be made. */
export type StandingState = 'stands' | 'weaker' | 'overturned';

/** A signed choice looked at again with today's rates. */
export interface Standing {
  readonly state: StandingState;
  /** What came of it, in a sentence. */
  readonly reason: string;
  /** The rates that changed most, in words; empty where none did. */
  readonly causes: readonly string[];
}

/** What was signed. */
export interface Signed {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly school: School;
  readonly laneId: string;
  readonly quantity: number;
  /** ISO date the dates were reckoned from. */
  readonly orderDate: string;
  readonly plan: PlanChoice | null;
  /** Weights of the weighted school as they were; the first ones where none were kept. */
  readonly weights: Weights | null;
}

/** A lead that has shrunk below this share of what it was is told as weaker. Basis: our own. */
const SHRUNK = 0.5;
/** A part dearer by more than this share is told as weaker. Basis: our own. */
const DEARER = 0.05;
/** Rates told. */
const CAUSES_TOLD = 3;

interface Look {
  readonly study: Study;
  readonly board: Board;
  readonly first: string | null;
  /** All in a part, and the least of the other routes. */
  readonly mine: number | null;
  readonly next: { readonly id: string; readonly allIn: number } | null;
  readonly firstArticle_d: number | null;
  readonly slack_d: number | null;
  readonly blocked: string | null;
}

/**
 * Recomputes a signed choice with other rates, the brief as it was signed, and says whether it would still be made:
 * overturned where another now comes first by the school that led (or the route no longer survives), weaker where its
 * lead shrank by half, its part got dearer by 5 %, or its first article now misses the day asked.
 */
export function standingOf(signed: Signed, rates: RateSet): Standing {
  const was = look(signed, signed.rates);
  const is = look(signed, rates);
  const causes = causesOf(signed.rates, rates);
  const say = (state: StandingState, reason: string): Standing => ({ state, reason, causes });
  const name = shortName(signed.laneId);
  if (is.mine === null || is.blocked !== null)
    return say('overturned', `${capital(name)} can no longer be made: ${is.blocked ?? 'its money is not known'}`);
  if (signed.plan !== null) return ofPlan(signed, signed.plan, rates, say);
  const code = rates.currency.code;
  const moved = `${plainMoney(was.mine ?? NaN, signed.rates.currency.code)} when signed, ${plainMoney(is.mine, code)} a part now`;
  if (was.first === signed.laneId && is.first !== signed.laneId) {
    const by = is.first ?? '';
    const theirs = is.board.lanes.find((l) => l.id === by)?.money?.allIn;
    const cheaper = theirs !== undefined && theirs < is.mine;
    return say(
      'overturned',
      cheaper
        ? `${capital(shortName(by))} now leads at ${plainMoney(theirs, code)} a part; ${name} was ${moved}.`
        : `${capital(shortName(by))} now comes first by the school that leads this study; ${name} was ${moved}.`,
    );
  }
  const weak = weaknesses(signed, was, is, code);
  if (weak.length > 0) return say('weaker', `${capital(weak.join('; '))}.`);
  const same = Math.abs((was.mine ?? 0) - is.mine) < 5e-3;
  return say('stands', same ? 'Nothing that it rests on has moved.' : `${capital(name)}: ${moved}; its place holds.`);
}

function look(signed: Signed, rates: RateSet): Look {
  const study = prepareStudy(signed.brief, signed.school, rates);
  const board = boardAt(study, signed.quantity, signed.orderDate);
  const lane = board.lanes.find((l) => l.id === signed.laneId);
  const { leads } = signed.brief;
  const schools = leads === 'cost' ? null : schoolsAt(study, board, signed.weights ?? FIRST_WEIGHTS);
  const others = board.lanes
    .filter((l) => l.routeId !== lane?.routeId && l.status !== 'blocked' && l.money !== null && !l.passedOver)
    .toSorted((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const [next] = others;
  return {
    study,
    board,
    first: schools === null ? board.leader : firstOf(schools, leads),
    mine: lane?.money?.allIn ?? null,
    next: next?.money == null ? null : { id: next.id, allIn: next.money.allIn },
    firstArticle_d: lane?.dates?.firstArticle_d ?? null,
    slack_d: lane?.dates?.slack_d ?? null,
    blocked:
      lane?.status === 'blocked'
        ? (lane.findings.find((f) => f.status === 'blocked')?.reason ?? 'a rule bars it')
        : (lane?.uncosted ?? null),
  };
}

function weaknesses(signed: Signed, was: Look, is: Look, code: string): string[] {
  const out: string[] = [];
  const [before, now] = [was.mine ?? 0, is.mine ?? 0];
  const lead = (l: Look): number | null => (l.next === null || l.mine === null ? null : l.next.allIn - l.mine);
  const [led, leads] = [lead(was), lead(is)];
  if (led !== null && leads !== null && led > 0 && leads < SHRUNK * led) {
    const next = shortName(is.next?.id ?? '');
    out.push(
      leads > 0
        ? `its lead over ${next} shrank from ${plainMoney(led, signed.rates.currency.code)} to ${plainMoney(leads, code)} a part`
        : `${next} is now ${plainMoney(-leads, code)} a part cheaper`,
    );
  }
  if (now > before * (1 + DEARER))
    out.push(
      `a part is ${Math.round(100 * (now / before - 1))} % dearer, ${plainMoney(now, code)} against ${plainMoney(before, signed.rates.currency.code)} when signed`,
    );
  if ((was.slack_d ?? 0) >= 0 && (is.slack_d ?? 0) < 0)
    out.push(
      `its first article, ${weeks(is.firstArticle_d ?? 0)} after the order, now misses the first delivery by ${Math.ceil(-(is.slack_d ?? 0))} days`,
    );
  return out;
}

function ofPlan(
  signed: Signed,
  choice: PlanChoice,
  rates: RateSet,
  say: (state: StandingState, reason: string) => Standing,
): Standing {
  const kept = (set: RateSet) =>
    keptPlan(prepareStudy(signed.brief, signed.school, set), signed.quantity, signed.orderDate, choice);
  try {
    const [was, is] = [kept(signed.rates), kept(rates)];
    const code = rates.currency.code;
    const moved = `${plainMoney(was.total, signed.rates.currency.code)} in all when signed, ${plainMoney(is.total, code)} now`;
    const paid = was.single === null || was.total < was.single.total;
    if (paid && is.single !== null && is.single.total <= is.total)
      return say(
        'overturned',
        `${capital(shortName(is.single.laneId))} alone now delivers as soon for ${plainMoney(is.single.total, code)}; the plan was ${moved}.`,
      );
    if (is.late.length > was.late.length)
      return say(
        'weaker',
        `${capital(is.late[0]?.name ?? 'a delivery')} now comes ${is.late[0]?.late_d ?? 0} days late; the plan was ${moved}.`,
      );
    if (is.total > was.total * (1 + DEARER))
      return say('weaker', `The plan is ${Math.round(100 * (is.total / was.total - 1))} % dearer: ${moved}.`);
    return say(
      'stands',
      is.total === was.total ? 'Nothing that it rests on has moved.' : `The plan was ${moved}; its place holds.`,
    );
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    return say(
      'overturned',
      `The plan can no longer be made: ${error.issue.accepted} is wanted for ${error.issue.field}.`,
    );
  }
}

/** The rates that moved most against what they were, in words. */
function causesOf(was: RateSet, is: RateSet): string[] {
  const likely = (f: OwnFigure): number => (typeof f === 'number' ? f : f[1]);
  const all = rateDifferences(was, is).map(({ entry, here, there }) => {
    const [a, b] = [likely(here), likely(there)];
    const share = a === 0 ? Infinity : Math.abs(b / a - 1);
    const words = entry.of === '' ? entry.words : `${entry.of}, ${entry.words}`;
    return { share, text: `${words}: ${a} to ${b} ${entry.unit}` };
  });
  const told = all.sort((a, b) => b.share - a.share).slice(0, CAUSES_TOLD);
  const more = all.length - told.length;
  return [...told.map((x) => x.text), ...(more > 0 ? [`and ${more} more ${more === 1 ? 'rate' : 'rates'}`] : [])];
}

const capital = (text: string): string => text.replace(/^./, (c) => c.toUpperCase());
