import { boardAt, plainMoney, weeks, type Board } from '../comparison/board';
import { prepareStudy, type Study } from '../study';
import { firstOf, FIRST_WEIGHTS, rankingsAt } from '../comparison/ranking';
import { sentence } from '../simulation';
import { judgedWords, rateDifferences, type OwnFigure, type RateSet } from '../rates';
import { shortName } from '../catalogue/routes';
import type { Foundry } from '../foundries';
import { figureOf, listed, plain, explain, type Explanation } from '../explanation';
import { differenceTo } from '../study/workings';
import { dearerBy, lateFirst } from './change-explanation';
import {
  COST_RISE_LIMIT,
  UNMOVED,
  type Cause,
  type StandingResult,
  type Signed,
  type Standing,
  type StandingState,
} from './standing-kinds';
import { planStanding } from './standing-plan';

/** A lead that has shrunk below this share of what it was is shown as weaker. Basis: our own. */
const LEAD_LOSS_LIMIT = 0.5;
/** Rates listed, at most. */
const CAUSES_LISTED = 3;

interface ChoiceNow {
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
 * overturned where another now comes first by the ranking method that led (or the route no longer survives), weaker where its
 * lead shrank by half, its part got dearer by 5 %, or its first article now misses the day asked.
 *
 * @example
 * standingOf({ brief, rates, school: 'published', laneId: board.leader, quantity: 500, orderDate: '2027-01-04', plan: null, weights: null }, rates).state // 'stands'
 */
export function standingOf(signed: Signed, rates: RateSet): Standing {
  const found = standingNow(signed, rates);
  return { ...found, reason: plain(found.explanation), causes: causesOf(signed.rates, rates) };
}

function standingNow(signed: Signed, rates: RateSet): StandingResult {
  const was = choiceAt(signed, signed.rates);
  const is = choiceAt(signed, rates);
  const say = (state: StandingState, explanation: Explanation): StandingResult => ({ state, explanation, plans: null });
  const name = shortName(signed.laneId);
  if (is.mine === null || is.blocked !== null)
    return say(
      'overturned',
      explain`${sentence(name)} can no longer be made: ${is.blocked ?? 'its money is not known'}`,
    );
  if (signed.plan !== null) return planStanding(signed, signed.plan, rates);
  const code = rates.currency.code;
  const before = figureOf('signed', plainMoney(was.mine ?? NaN, signed.rates.currency.code), signed.laneId, 'allIn');
  const now = figureOf('today', plainMoney(is.mine, code), signed.laneId, 'allIn');
  const moved = explain`${before} when signed, ${now} per part now`;
  if (was.first === signed.laneId && is.first !== signed.laneId) {
    const by = is.first ?? '';
    const theirs = is.board.lanes.find((l) => l.id === by)?.money?.allIn;
    const cheaper = theirs !== undefined && theirs < is.mine;
    return say(
      'overturned',
      cheaper
        ? explain`${sentence(shortName(by))} now leads at ${figureOf('today', plainMoney(theirs, code), by, 'allIn')} per part; ${name} was ${moved}.`
        : explain`${sentence(shortName(by))} now comes first by the ranking method that leads this study; ${name} was ${moved}.`,
    );
  }
  const weak = weaknesses(signed, was, is, code);
  const [first, ...more] = weak;
  if (first !== undefined) return say('weaker', explain`${listed([capital(first), ...more], '; ')}.`);
  const same = Math.abs((was.mine ?? 0) - is.mine) < 5e-3;
  return say('stands', same ? [UNMOVED] : explain`${sentence(name)}: ${moved}; its place holds.`);
}

function choiceAt(signed: Signed, rates: RateSet): ChoiceNow {
  const study = prepareStudy(signed.brief, signed.school, rates);
  const board = boardAt(study, signed.quantity, signed.orderDate);
  const lane = board.lanes.find((l) => l.id === signed.laneId);
  const { leads } = signed.brief;
  const rankings = leads === 'cost' ? null : rankingsAt(study, board, signed.weights ?? FIRST_WEIGHTS);
  const others = board.lanes
    .filter((l) => l.routeId !== lane?.routeId && l.status !== 'blocked' && l.money !== null && !l.passedOver)
    .toSorted((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
  const [next] = others;
  return {
    study,
    board,
    first: rankings === null ? board.leader : firstOf(rankings, leads),
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

function weaknesses(signed: Signed, was: ChoiceNow, is: ChoiceNow, code: string): Explanation[] {
  const out: Explanation[] = [];
  const { laneId } = signed;
  const whenSigned = signed.rates.currency.code;
  const [before, now] = [was.mine ?? 0, is.mine ?? 0];
  const lead = (l: ChoiceNow): number | null => (l.next === null || l.mine === null ? null : l.next.allIn - l.mine);
  const [led, leads] = [lead(was), lead(is)];
  if (led !== null && leads !== null && led > 0 && leads < LEAD_LOSS_LIMIT * led) {
    const [then, next] = [was.next?.id ?? '', is.next?.id ?? ''];
    const gap = figureOf('today', plainMoney(Math.abs(leads), code), laneId, differenceTo('allIn', next));
    const before = figureOf('signed', plainMoney(led, whenSigned), laneId, differenceTo('allIn', then));
    out.push(
      leads > 0
        ? explain`its lead over ${shortName(next)} shrank from ${before} to ${gap} per part`
        : explain`${shortName(next)} is now ${gap} per part cheaper`,
    );
  }
  if (now > before * (1 + COST_RISE_LIMIT))
    out.push(
      explain`a part is ${dearerBy(laneId, before, now, code)} more expensive, ${figureOf('today', plainMoney(now, code), laneId, 'allIn')} against ${figureOf('signed', plainMoney(before, whenSigned), laneId, 'allIn')} when signed`,
    );
  if ((was.slack_d ?? 0) >= 0 && (is.slack_d ?? 0) < 0)
    out.push(
      explain`its first article, ${figureOf('today', weeks(is.firstArticle_d ?? 0), laneId, 'firstArticle')} after the order, now misses the first delivery by ${lateFirst(laneId, is.firstArticle_d ?? 0, is.slack_d ?? 0, 'today')}`,
    );
  return out;
}

/** The rates that moved most against what they were, in words. */
function causesOf(was: RateSet, is: RateSet): Cause[] {
  const likely = (f: OwnFigure): number => (typeof f === 'number' ? f : f[1]);
  const all = rateDifferences(was, is).map(({ entry, here, there }) => {
    const [a, b] = [likely(here), likely(there)];
    const share = a === 0 ? Infinity : Math.abs(b / a - 1);
    const words = entry.of === '' ? entry.words : `${entry.of}, ${entry.words}`;
    return { share, cause: { text: `${words}: ${a} to ${b} ${entry.unit}`, path: entry.path } };
  });
  const explanation = all.sort((a, b) => b.share - a.share).slice(0, CAUSES_LISTED);
  const more = all.length - explanation.length;
  const judged = (rates: RateSet): string => `${judgedWords(rates)}, ${processWords(rates)}`;
  return [
    ...(judged(was) === judged(is)
      ? []
      : [{ text: `judged by ${judged(was)} when signed, by ${judged(is)} now`, path: null }]),
    ...foundryCauses(was, is),
    ...explanation.map((x) => x.cause),
    ...(more > 0 ? [{ text: `and ${more} more ${more === 1 ? 'rate' : 'rates'}`, path: null }] : []),
  ];
}

/** Foundries that came, went, or of whom something else is said now, where all are asked. */
function foundryCauses(was: RateSet, is: RateSet): Cause[] {
  const of = (rates: RateSet): Map<string, Foundry> =>
    new Map((rates.among ?? []).flatMap(({ foundry }) => (foundry === undefined ? [] : [[foundry.id, foundry]])));
  const [before, after] = [of(was), of(is)];
  if (before.size === 0 || after.size === 0) return [];
  const told = [...new Set([...before.keys(), ...after.keys()])].flatMap((id): string[] => {
    const [a, b] = [before.get(id), after.get(id)];
    if (a === undefined) return [`${b?.name ?? id}: asked only now`];
    if (b === undefined) return [`${a.name}: asked no more`];
    return a.version === b.version ? [] : [`${b.name}: its profile changed, version ${a.version} to ${b.version}`];
  });
  return told.slice(0, CAUSES_LISTED).map((text) => ({ text, path: null }));
}

/** The process values that a study is judged by. */
const processWords = ({ process }: RateSet): string =>
  process === undefined ? 'the book’s process values' : `“${process.name}”, version ${process.version}`;

/** A sentence that begins with words, with a large first letter. */
const capital = (said: Explanation): Explanation => {
  const [head, ...rest] = said;
  return typeof head === 'string' ? [sentence(head), ...rest] : said;
};
