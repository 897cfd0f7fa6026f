import { openCosts, survives, type Study, type StudyLane } from '../board';
import { NO_APPROVAL_UP_TO, type LaneTime } from '../calendar';
import type { ProgrammeCost } from '../cost';
import { deliveredBy, isApproved, paceOf, type Pace } from './delivered';
import type { PlanDue } from './dues';
import { reusedMoney, reuseOf } from './reuse';
import type { Reuse } from './reuse.data';

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

/**
 * A surviving lane as one step of a plan: for any number of pieces its least money, and the layouts that are worth a
 * look, cheapest first. A layout neither cheaper nor sooner by any day asked than another is left out.
 */
export class LaneSteps {
  readonly id: string;
  readonly routeId: string;
  private readonly least = new Map<number, number>();
  private readonly fronts = new Map<number, readonly StepLayout[]>();
  private readonly after = new Map<string, LaneSteps>();
  private readonly reach = new Map<boolean, readonly (readonly number[])[]>();

  constructor(
    private readonly study: Study,
    private readonly entry: StudyLane,
    private readonly dues: readonly PlanDue[],
    private readonly reuse: Reuse | undefined = undefined,
  ) {
    this.id = entry.lane.id;
    this.routeId = entry.lane.route.id;
  }

  /** The lane as the step that follows another, with what that one's tool leaves. */
  following(first: LaneSteps): LaneSteps {
    const reuse = reuseOf(first.id, this.id);
    if (reuse === undefined) return this;
    const known = this.after.get(first.id) ?? new LaneSteps(this.study, this.entry, this.dues, reuse);
    this.after.set(first.id, known);
    return known;
  }

  /** Least money of so many pieces over all layouts, USD; 0 for none. */
  leastTotal(pieces: number): number {
    if (pieces <= 0) return 0;
    let found = this.least.get(pieces);
    if (found === undefined) {
      found = Infinity;
      for (const cost of openCosts(this.entry))
        found = Math.min(found, cost.total(pieces) - reusedMoney(this.reuse, cost));
      this.least.set(pieces, found);
    }
    return found;
  }

  /** Layouts for so many pieces that no other beats in money and in every delivery, cheapest first. */
  layouts(pieces: number): readonly StepLayout[] {
    const known = this.fronts.get(pieces);
    if (known !== undefined) return known;
    const all = openCosts(this.entry)
      .map((cost) => this.layout(cost, pieces))
      .sort((a, b) => a.total - b.total);
    const front: StepLayout[] = [];
    for (const one of all) {
      const beaten = front.some((better) => better.made.every((made, i) => made >= (one.made[i] as number)));
      if (!beaten) front.push(one);
    }
    this.fronts.set(pieces, front);
    return front;
  }

  /**
   * Good pieces by each day asked of the layouts that none outruns on every day: what these cannot deliver, no layout
   * of the lane can.
   */
  swiftest(approved: boolean): readonly (readonly number[])[] {
    const known = this.reach.get(approved);
    if (known !== undefined) return known;
    const all = openCosts(this.entry).map((cost) => {
      const pace = paceOf(this.study.timeOf(cost.model, cost.plan), approved);
      return this.dues.map((due) => deliveredBy(pace, due.day_d));
    });
    const swift: (readonly number[])[] = [];
    for (const one of all) {
      const outrun = (a: readonly number[], b: readonly number[]): boolean => a.every((x, i) => x <= (b[i] as number));
      if (swift.some((other) => outrun(one, other))) continue;
      const left = swift.filter((other) => !outrun(other, one));
      swift.length = 0;
      swift.push(...left, one);
    }
    this.reach.set(approved, swift);
    return swift;
  }

  /** The most good pieces by each day asked, of a step as large as may be or small enough to wait for no approval. */
  mostFree(): readonly number[] {
    const most = (approved: boolean, i: number): number =>
      Math.max(0, ...this.swiftest(approved).map((made) => made[i] as number));
    return this.dues.map((_, i) => Math.max(most(true, i), Math.min(NO_APPROVAL_UP_TO, most(false, i))));
  }

  private layout(cost: ProgrammeCost, pieces: number): StepLayout {
    const time = this.study.timeOf(cost.model, cost.plan);
    const pace = paceOf(time, isApproved(pieces));
    const made = this.dues.map((due) => deliveredBy(pace, due.day_d));
    const reused = reusedMoney(this.reuse, cost);
    return { cost, time, pace, total: cost.total(pieces) - reused, reused, made };
  }
}

/** Every lane of a study that may be a step of a plan, in lane order. */
export function stepLanes(study: Study, dues: readonly PlanDue[]): LaneSteps[] {
  return study.lanes.filter(survives).map((entry) => new LaneSteps(study, entry, dues));
}
