import { nth } from '../base/lookup';
import { boardAt, RAIL_MAX, railQuantities, type Board } from '../comparison/board';
import { bestLayout, prepareStudy, survives, type Study } from '../study';
import type { Brief } from '../brief';
import { likely } from '../base/figures';

/**
 * What else would change the answer: the quantity, what the leader's tool may cost, a tolerance, the day it is wanted; of
 * a plan in two steps, the pieces of its first step and how long its second tool may be late.
 */
export interface BriefFlip {
  readonly kind: 'quantity' | 'tooling' | 'part' | 'tolerance' | 'lead' | 'switch' | 'wait';
  /** Field of the brief, or the figure. */
  readonly key: string;
  readonly words: string;
  readonly unit: string;
  readonly now: number;
  /** Lane that takes the lead; null where none is left. */
  readonly against: string | null;
  /** Where it changes, rising. */
  readonly at: readonly number[];
  /** For each place both programmes just on this side of it and just beyond; missing where figures tell it themselves. */
  readonly looks?: readonly FlipCosts[];
}

/** Two programmes with the figure at x. Money in the study's currency. */
export interface FlipCost {
  readonly x: number;
  /** Null where it cannot be made. */
  readonly own: number | null;
  readonly other: number | null;
  /** What else holds there, in words, or null. */
  readonly words: string | null;
}

/** Just on this side of a change, and just beyond; null where there is nothing beyond. */
export type FlipCosts = readonly [within: FlipCost, beyond: FlipCost | null];

/** Features whose tolerance is looked at, the tightest first. */
const MOST_FEATURES = 6;
/** Shares of a tolerance that are tried before the change is narrowed down. */
const TIGHTER = [0.9, 0.75, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1] as const;
const NARROWED = 12;

/**
 * Whole pieces at which another lane takes the place of the first, over the rail; each lane by its best layout there.
 * The number is the first quantity after the change.
 *
 * @example
 * quantityFlips(study, board.leader, board.leader) // []
 */
export function quantityFlips(study: Study, first: string, second: string): number[] {
  const of = (id: string): ((q: number) => number) => {
    const entry = study.lanes.find((e) => e.lane.id === id);
    return (q) => (entry === undefined ? NaN : (bestLayout(entry, q)?.total ?? NaN));
  };
  const [a, b] = [of(first), of(second)];
  const ahead = (q: number): boolean => a(q) <= b(q);
  const out: number[] = [];
  const rail = railQuantities(160);
  for (let i = 1; i < rail.length; i++) {
    let [low, high] = [nth(rail, i - 1), nth(rail, i)];
    const before = ahead(low);
    if (ahead(high) === before) continue;
    while (high - low > 1) {
      const middle = Math.floor((low + high) / 2);
      if (ahead(middle) === before) low = middle;
      else high = middle;
    }
    out.push(high);
  }
  return out.filter((q) => q <= RAIL_MAX);
}

/**
 * What of the brief and of a quote would change the leader at q pieces; everything else as it is. Yields after each look.
 *
 * @example
 * drained(briefFlips(study, 500)).some((f) => f.kind === 'quantity') // true
 */
export function* briefFlips(study: Study, q: number): Generator<void, BriefFlip[], void> {
  const board = boardAt(study, q);
  const lane = (id: string | null) => board.lanes.find((l) => l.id === id) ?? null;
  const leader = lane(board.leader);
  const second = lane(board.second);
  if (leader?.money == null) return [];
  const out: BriefFlip[] = [];
  const currency = study.rates.currency.code;
  if (second?.money != null) {
    out.push({
      kind: 'quantity',
      key: 'quantity',
      words: 'pieces over the life',
      unit: 'pieces',
      now: q,
      against: second.id,
      at: quantityFlips(study, leader.id, second.id),
    });
    const room = second.money.total - leader.money.total;
    out.push({
      kind: 'tooling',
      key: 'tooling',
      words: 'the price of its tooling',
      unit: currency,
      now: leader.money.tooling,
      against: second.id,
      at: [leader.money.tooling + room],
    });
    // Of parts that are discounted by their year one price does not say what they come to.
    if (!(likely(study.rates.global.rDisc) > 0))
      out.push({
        kind: 'part',
        key: 'unit',
        words: 'the price of a part without tools',
        unit: `${currency}/part`,
        now: leader.money.unit,
        against: second.id,
        at: [leader.money.unit + room / q],
      });
  }
  const first = leader.dates?.firstArticle_d;
  if (first !== undefined) {
    const sooner = board.lanes
      .filter((l, i) => survives(nth(study.lanes, i)) && (l.dates?.firstArticle_d ?? Infinity) < first)
      .flatMap((l) => (l.money === null ? [] : [{ ...l, money: l.money }]))
      .sort((x, y) => x.money.total - y.money.total)[0];
    out.push({
      kind: 'lead',
      key: 'quantity.firstDelivery',
      words: 'days from the order to the first article',
      unit: 'days',
      now: first,
      against: sooner?.id ?? null,
      at: [first],
    });
  }
  yield;
  return [...out, ...(yield* toleranceFlips(study, q, leader.id))];
}

function* toleranceFlips(study: Study, q: number, leader: string): Generator<void, BriefFlip[], void> {
  const { brief } = study;
  const boardOf = (changed: Brief): Board => boardAt(prepareStudy(changed, study.school, study.rates), q);
  const leads = (changed: Brief): string | null => boardOf(changed).leader;
  const tightest = brief.features
    .map((f, i) => ({ f, i }))
    .filter(({ f }) => f.tol_mm > 0)
    .sort((a, b) => a.f.tol_mm / a.f.nominal_mm - b.f.tol_mm / b.f.nominal_mm)
    .slice(0, MOST_FEATURES);
  const out: BriefFlip[] = [];
  for (const { f, i } of tightest) {
    const at = (share: number): Brief => ({
      ...brief,
      features: brief.features.map((x, k) => (k === i ? { ...x, tol_mm: x.tol_mm * share } : x)),
    });
    let [kept, lost] = [1, 0];
    for (const share of TIGHTER) {
      yield;
      if (leads(at(share)) !== leader) {
        lost = share;
        break;
      }
      kept = share;
    }
    if (lost === 0) continue;
    for (let k = 0; k < NARROWED; k++) {
      yield;
      const middle = (kept + lost) / 2;
      if (leads(at(middle)) === leader) kept = middle;
      else lost = middle;
    }
    const against = leads(at(lost));
    const look = (share: number): FlipCost => ({
      x: f.tol_mm * share,
      ...bothOn(boardOf(at(share)), leader, against),
    });
    out.push({
      kind: 'tolerance',
      key: `features[${i}].tol_mm`,
      words: `total tolerance of ${f.name || f.id}`,
      unit: 'mm',
      now: f.tol_mm,
      against,
      at: [f.tol_mm * lost],
      looks: [[look(kept), look(lost)]],
    });
  }
  return out;
}

/** Two lanes on a board; a blocked one has no programme, and its reason is shown. */
function bothOn(board: Board, leader: string, against: string | null): Omit<FlipCost, 'x'> {
  const lane = (id: string | null) => board.lanes.find((l) => l.id === id);
  const own = lane(leader);
  const barred = own?.status === 'blocked';
  return {
    own: barred ? null : (own?.money?.total ?? null),
    other: lane(against)?.money?.total ?? null,
    words: barred ? (own.findings.find((f) => f.status === 'blocked')?.reason ?? null) : null,
  };
}
