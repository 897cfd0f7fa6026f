import { nth } from '../base/lookup';
import { NO_APPROVAL_UP_TO } from '../schedule';
import { isApproved } from './delivered';
import type { PlanDue } from './deliveries';
import type { LaneSteps } from './lane-steps';

/** Switch quantities from low to high; none where low lies above high. */
export type Switches = readonly [low: number, high: number];

const NONE: Switches = [1, 0];

/**
 * Switch quantities 1 to q − 1 as stretches in which neither step changes between waiting for approval and not: up to
 * twenty pieces wait for none.
 */
function approvalKinds(q: number): Switches[] {
  const edges = [1, NO_APPROVAL_UP_TO + 1, q - NO_APPROVAL_UP_TO, q].filter((x) => x >= 1 && x <= q);
  const ends = [...new Set(edges)].sort((x, y) => x - y);
  return ends.slice(1).map((end, i) => [ends[i] as number, end - 1]);
}

/** Tells at which switch quantities two steps deliver in time, given what each has by each day asked. */
export class InTime {
  /** The delivery that was missed last: most that miss any miss this one. */
  private missed = 0;

  constructor(
    private readonly deliveries: readonly PlanDue[],
    private readonly q: number,
  ) {}

  /** Whether every delivery is met at one switch quantity. */
  holds(pieces: number, mine: readonly number[], theirs: readonly number[]): boolean {
    const [from, to] = this.within([pieces, pieces], mine, theirs);
    return from <= to;
  }

  /** Of the switches of one kind, those at which every delivery is met. */
  within([low, high]: Switches, mine: readonly number[], theirs: readonly number[]): Switches {
    const { deliveries: deliveries, q } = this;
    const n = deliveries.length;
    let from = low;
    let to = high;
    for (let k = 0; k < n; k++) {
      // The one that was missed last comes first, the others in turn.
      const i = k === 0 ? this.missed : k <= this.missed ? k - 1 : k;
      const { pieces } = nth(deliveries, i);
      const onA = nth(mine, i);
      const onB = nth(theirs, i);
      if (pieces - onB > from) from = pieces - onB;
      if (pieces - onA > 0 && q - pieces + onA < to) to = q - pieces + onA;
      if (onA + onB < pieces || from > to) {
        this.missed = i;
        return NONE;
      }
    }
    return [from, to];
  }
}

/** Switches at which one layout of each of two lanes delivers in time, worked out for those that are asked for, once. */
export class WaysInTime {
  private readonly known: (Switches | undefined)[] = [];
  private readonly kinds: readonly Switches[];
  private readonly inTime: InTime;

  constructor(
    private readonly first: LaneSteps,
    private readonly second: LaneSteps,
    private readonly q: number,
    deliveries: readonly PlanDue[],
  ) {
    this.kinds = approvalKinds(q);
    this.inTime = new InTime(deliveries, q);
  }

  /** The kind of approval that a switch is of, as the place of its stretch, and the last switch of it. */
  kindOf(pieces: number): { readonly kind: number; readonly last: number } {
    const kind = this.kinds.findIndex(([, high]) => pieces <= high);
    return { kind, last: nth(this.kinds, kind)[1] };
  }

  /** Switches of a kind at which two layouts deliver in time. */
  of(kind: number, mine: number, theirs: number): Switches {
    const { first, second } = this;
    const at = (kind * first.ways.length + mine) * second.ways.length + theirs;
    let found = this.known[at];
    if (found === undefined) {
      const [low] = nth(this.kinds, kind);
      const made = first.made(mine, isApproved(low));
      found = this.inTime.within(nth(this.kinds, kind), made, second.made(theirs, isApproved(this.q - low)));
      this.known[at] = found;
    }
    return found;
  }
}

/**
 * The switch quantities of a pair that deliver in time on some layouts, as stretches from low to high, rising.
 * @param least pieces that each step makes
 */
export function switchesInTime(
  a: LaneSteps,
  b: LaneSteps,
  q: number,
  deliveries: readonly PlanDue[],
  least: number,
): [number, number][] {
  const out: [number, number][] = [];
  const inTime = new InTime(deliveries, q);
  for (const kind of approvalKinds(q)) {
    const [low] = kind;
    const stretches = a
      .swiftest(isApproved(low))
      .flatMap((mine) => b.swiftest(isApproved(q - low)).map((theirs) => inTime.within(kind, mine, theirs)))
      .map(([from, to]): [number, number] => [Math.max(from, least), Math.min(to, q - least)])
      .filter(([from, to]) => from <= to)
      .sort((x, y) => x[0] - y[0]);
    for (const [from, to] of stretches) {
      const last = out.at(-1);
      if (last !== undefined && last[1] >= low && from <= last[1] + 1) last[1] = Math.max(last[1], to);
      else out.push([from, to]);
    }
  }
  return out;
}
