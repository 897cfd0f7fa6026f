import { survives, type Study, type StudyLane } from '../study';
import { NO_APPROVAL_UP_TO, type LaneTime } from '../schedule';
import type { ProgrammeCost } from '../cost';
import { deliveredBy, isApproved, type Pace } from './delivered';
import type { PlanDue } from './deliveries';
import { reusedMoney, reuseOf } from './reuse';
import type { Reuse } from './reuse.data';
import { swiftestPaces, waysOf, type Way } from './ways';

/** One layout of a lane for a number of pieces. */
export interface StepLayout {
  readonly cost: ProgrammeCost;
  readonly time: LaneTime;
  readonly pace: Pace;
  /** Money of that many pieces, USD, less what an earlier tool leaves. */
  readonly total: number;
  /** What an earlier tool leaves, USD. */
  readonly reused: number;
  /** Good pieces by each day asked, without an end. */
  readonly made: readonly number[];
}

/** Whether `a` is nowhere less than `b`. */
const nowhereLess = (a: readonly number[], b: readonly number[]): boolean => a.every((x, i) => x >= (b[i] as number));

/** A surviving lane as one step of a plan: its ways to be laid out, with the money of any number of pieces and what each has by each day asked. */
export class LaneSteps {
  readonly id: string;
  readonly routeId: string;
  /** Every layout of the lane, with how it delivers. */
  readonly ways: readonly Way[];
  private readonly least = new Map<number, number>();
  private readonly after = new Map<string, LaneSteps>();
  private readonly reach = new Map<boolean, readonly (readonly number[])[]>();
  private readonly byDay: readonly [free: (readonly number[])[], approved: (readonly number[])[]] = [[], []];

  constructor(
    private readonly study: Study,
    private readonly entry: StudyLane,
    private readonly deliveries: readonly PlanDue[],
    private readonly reuse: Reuse | undefined = undefined,
  ) {
    this.id = entry.lane.id;
    this.routeId = entry.lane.route.id;
    this.ways = waysOf(study, entry);
  }

  /** The lane as the step that follows another, with what that one's tool leaves. */
  following(first: LaneSteps): LaneSteps {
    const reuse = reuseOf(first.id, this.id);
    if (reuse === undefined) return this;
    const known = this.after.get(first.id) ?? new LaneSteps(this.study, this.entry, this.deliveries, reuse);
    this.after.set(first.id, known);
    return known;
  }

  /** Money of so many pieces by one of the ways, USD, less what an earlier tool leaves. @param pieces at least 1 */
  total(way: number, pieces: number): number {
    const { cost } = this.ways[way] as Way;
    return cost.total(pieces) - reusedMoney(this.reuse, cost);
  }

  /** Least money of so many pieces over all layouts, USD; 0 for none. */
  leastTotal(pieces: number): number {
    if (pieces <= 0) return 0;
    let found = this.least.get(pieces);
    if (found === undefined) {
      found = Infinity;
      for (let k = 0; k < this.ways.length; k++) found = Math.min(found, this.total(k, pieces));
      this.least.set(pieces, found);
    }
    return found;
  }

  /** Good pieces of one of the ways by each day asked, were there no end to the programme. */
  made(way: number, approved: boolean): readonly number[] {
    const known = this.byDay[approved ? 1 : 0];
    return (known[way] ??= this.byDays((this.ways[way] as Way).paces[approved ? 1 : 0]));
  }

  /** Every way for so many pieces with its money, the cheapest first; of those alike, in the order of the ways. */
  byMoney(pieces: number): readonly { readonly way: number; readonly total: number }[] {
    return this.ways.map((_, way) => ({ way, total: this.total(way, pieces) })).sort((x, y) => x.total - y.total);
  }

  /** One of the ways for so many pieces. */
  layout(way: number, pieces: number): StepLayout {
    const approved = isApproved(pieces);
    const { cost, time, paces } = this.ways[way] as Way;
    return {
      cost,
      time,
      pace: paces[approved ? 1 : 0],
      total: this.total(way, pieces),
      reused: reusedMoney(this.reuse, cost),
      made: this.made(way, approved),
    };
  }

  /**
   * Good pieces by each day asked of the layouts that none outruns on every day: what these cannot deliver, no layout
   * of the lane can.
   */
  swiftest(approved: boolean): readonly (readonly number[])[] {
    const known = this.reach.get(approved);
    if (known !== undefined) return known;
    const swift: (readonly number[])[] = [];
    for (const one of swiftestPaces(this.study, this.entry, approved).map((pace) => this.byDays(pace))) {
      if (swift.some((other) => nowhereLess(other, one))) continue;
      const left = swift.filter((other) => !nowhereLess(one, other));
      swift.length = 0;
      swift.push(...left, one);
    }
    this.reach.set(approved, swift);
    return swift;
  }

  private byDays(pace: Pace): readonly number[] {
    return this.deliveries.map((due) => deliveredBy(pace, due.day_d));
  }
}

/**
 * The most good pieces of a lane by a day, of a step as large as may be or small enough to wait for no approval.
 * @param day_d calendar days from the order
 */
export function mostBy(study: Study, entry: StudyLane, day_d: number): number {
  const most = (approved: boolean): number =>
    Math.max(0, ...swiftestPaces(study, entry, approved).map((pace) => deliveredBy(pace, day_d)));
  return Math.max(most(true), Math.min(NO_APPROVAL_UP_TO, most(false)));
}

/** Every lane of a study that may be a step of a plan, in lane order. */
export function stepLanes(study: Study, deliveries: readonly PlanDue[]): LaneSteps[] {
  return study.lanes.filter(survives).map((entry) => new LaneSteps(study, entry, deliveries));
}
