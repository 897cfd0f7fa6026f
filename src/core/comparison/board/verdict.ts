import { shortName } from '../../catalogue/routes';
import { figure, plain, explain, type Explanation } from '../../explanation';
import { fixed, whole } from '../../base/numbers';
import { differenceTo } from '../../study/workings';
import type { Board, BoardLane } from './board';
import type { Crossing } from './crossings';

/** The one sentence every study opens with, in figures: who leads, by how much, when, and how far it holds. */
export interface Verdict {
  readonly leader: BoardLane | null;
  readonly second: BoardLane | null;
  /** All-in money a part saved against the second; null without a second. */
  readonly gap: number | null;
  /** The same as a share of the second's all-in. */
  readonly gapShare: number | null;
  /** Change of place below and above the quantity, where the route changes. */
  readonly holdsFrom: Crossing | null;
  readonly holdsTo: Crossing | null;
  /** Band in which the lead of the routes flickers and in which the quantity lies, or null. */
  readonly band: Crossing | null;
  /** A way without a casting that is cheaper than every casting left, or null. */
  readonly cheaperBaseline: { readonly id: string; readonly name: string; readonly allIn: number } | null;
}

/**
 * The verdict of a board; `all` are the crossings of its study, or null while they are still being worked out.
 *
 * @example
 * verdictOf(board, null).leader?.id === board.leader // true
 */
export function verdictOf(board: Board, all: readonly Crossing[] | null): Verdict {
  const find = (id: string | null): BoardLane | null => board.lanes.find((lane) => lane.id === id) ?? null;
  const leader = find(board.leader);
  const second = find(board.second);
  const mine = leader?.money?.allIn ?? null;
  const theirs = second?.money?.allIn ?? null;
  const gap = mine === null || theirs === null ? null : theirs - mine;
  const routes = (all ?? []).filter((c) => c.kind === 'change' && c.routeChanges);
  const cheaper = board.baselines
    .filter((b) => b.barred === null && (mine === null || b.allIn < mine))
    .sort((x, y) => x.allIn - y.allIn)[0];
  return {
    leader,
    second,
    gap,
    gapShare: gap === null || theirs === null ? null : gap / theirs,
    holdsFrom: routes.findLast((c) => c.last <= board.q) ?? null,
    holdsTo: routes.find((c) => c.first > board.q) ?? null,
    band: (all ?? []).find((c) => c.routeChanges && c.first <= board.q && board.q < c.last) ?? null,
    cheaperBaseline: cheaper === undefined ? null : { id: cheaper.id, name: cheaper.name, allIn: cheaper.allIn },
  };
}

/**
 * What is cheapest of all: a casting route, or a way without a casting where that costs less.
 *
 * @returns its id; null where nothing is left
 * @example
 * leadingWay(board) === board.leader // true
 */
export function leadingWay(board: Board): string | null {
  const { cheaperBaseline, leader } = verdictOf(board, null);
  return cheaperBaseline?.id ?? leader?.id ?? null;
}

/**
 * Money as a list of figures shows it: 3.12, 101.70, 18 732.
 *
 * @param x money
 * @param code of the currency
 * @returns words with the code
 * @example
 * exactMoney(18732.4, 'USD') // '18\u202f732 USD'
 */
export const exactMoney = (x: number, code: string): string => `${fixed(x, Math.abs(x) < 1000 ? 2 : 0)} ${code}`;

/**
 * Money as a sentence bears it, in three or four significant digits: 3.12, 101.7, 3 931, 18 730. The working has them all.
 *
 * @param x money
 * @param code of the currency
 * @returns words with the code
 * @example
 * plainMoney(8.1, 'USD') // '8.10 USD'
 */
export function plainMoney(x: number, code: string): string {
  const size = Math.abs(x);
  if (size < 100) return `${fixed(x, 2)} ${code}`;
  return `${size < 1000 ? fixed(x, 1) : fixed(Number(x.toPrecision(4)), 0)} ${code}`;
}

/**
 * The verdict in words, for paper and for the answer of the service.
 *
 * @example
 * verdictSentence(board, null, 'USD').includes('cheapest at 500 pieces') // true
 */
export const verdictSentence = (board: Board, all: readonly Crossing[] | null, currency: string): string =>
  plain(verdictExplanation(board, all, currency));

/**
 * The verdict in words whose figures open, for the screen.
 *
 * @example
 * verdictExplanation(board, null, 'USD').length > 1 // true
 */
export function verdictExplanation(board: Board, all: readonly Crossing[] | null, currency: string): Explanation {
  const v = verdictOf(board, all);
  if (board.missing.length > 0)
    return explain`Nothing can be compared yet: the brief needs ${board.missing.map(fieldWord).join(', ')}.`;
  const { leader, second } = v;
  if (leader?.money == null) return noneLeft(v, board, currency);
  const allIn = figure(plainMoney(leader.money.allIn, currency), leader.id, 'allIn');
  const at = `${whole(board.q)} ${board.q === 1 ? 'piece' : 'pieces'}`;
  let explanation: Explanation =
    v.cheaperBaseline === null
      ? explain`${capital(shortName(leader.id))} is cheapest at ${at}: ${allIn} per part`
      : explain`${ofBaseline(v.cheaperBaseline, at, currency)} The best casting is ${shortName(leader.id)}: ${allIn} per part`;
  if (v.gap !== null && v.gapShare !== null && second !== null) {
    const gap = figure(
      `${plainMoney(v.gap, currency)} (${Math.round(100 * v.gapShare)} %)`,
      second.id,
      differenceTo('allIn', leader.id),
    );
    explanation = explain`${explanation}, ${gap} less than ${shortName(second.id)}`;
  } else explanation = explain`${explanation}; no other route is left`;
  explanation = explain`${explanation}.`;
  if (leader.dates !== null) {
    const first = figure(weeks(leader.dates.firstArticle_d), leader.id, 'firstArticle');
    explanation = explain`${explanation} First good parts in ${first}.`;
  }
  if (all !== null) explanation = explain`${explanation}${holdsExplanation(v)}`;
  return leader.status === 'not-known'
    ? explain`${explanation} ${figure('Some rules could not be judged', leader.id, null)}: the brief lacks figures.`
    : explanation;
}

/** A way without a casting that is cheapest. */
const ofBaseline = (
  { id, allIn }: NonNullable<Verdict['cheaperBaseline']>,
  at: string,
  currency: string,
): Explanation =>
  explain`${capital(shortName(id))} is cheapest at ${at}: ${figure(plainMoney(allIn, currency), id, 'allIn')} per part.`;

/** Where no casting is left: the cheapest way without one, if there is any. */
function noneLeft(v: Verdict, board: Board, currency: string): Explanation {
  const none = 'No casting route is left; the lines below say what would open each.';
  if (v.cheaperBaseline === null) return [none];
  const at = `${whole(board.q)} ${board.q === 1 ? 'piece' : 'pieces'}`;
  return explain`${ofBaseline(v.cheaperBaseline, at, currency)} ${none}`;
}

const capital = (words: string): string => words.replace(/^./, (x) => x.toUpperCase());

/** How far the lead holds: each end opens the two totals that change place there. */
function holdsExplanation({ band, holdsFrom: low, holdsTo: high }: Verdict): Explanation {
  const end = (c: Crossing, shown: number, at: number) => figure(whole(shown), c.to, differenceTo('total', c.from), at);
  if (band !== null)
    return explain` From ${end(band, band.first, band.first)} to ${end(band, band.last - 1, band.last)} pieces the lead changes ${band.changes} times with whole pours and new tools: treat it as even.`;
  if (low !== null && high !== null)
    return explain` This holds from ${end(low, low.last, low.last)} to ${end(high, high.first - 1, high.first)} pieces.`;
  if (high !== null) return explain` This holds up to ${end(high, high.first - 1, high.first)} pieces.`;
  if (low !== null) return explain` This holds from ${end(low, low.last, low.last)} pieces upwards.`;
  return explain` This holds at every quantity.`;
}

/**
 * Days as weeks, to the tenth, as the board has them.
 *
 * @param days calendar days
 * @returns words with the unit
 * @example
 * weeks(21) // '3.0 weeks'
 */
export const weeks = (days: number): string => `${fixed(days / 7, 1)} weeks`;

const WORDS: Readonly<Record<string, string>> = {
  alloy: 'the alloy',
  'geometry.volume_cm3': 'the volume',
  'geometry.area_cm2': 'the surface area',
  'geometry.box_mm': 'the box around the part',
};

const fieldWord = (path: string): string => WORDS[path] ?? path;

/**
 * A figure with one digit after the point.
 *
 * @example
 * shortFigure(12345) // '12345.0'
 */
export const shortFigure = (x: number): string => x.toFixed(1);
