import type { LaneModel, LayoutPlan } from '../cost';
import { likely } from '../base/figures';
import { power } from '../base/power';
import { buysCores } from './equations/days';
import { NO_APPROVAL_UP_TO, type LaneTime, type StepTime } from './lane-time';

/** What a stretch of the calendar is: hands at work, waiting, standing in a queue, tool making, approval, the run. */
export type StretchKind = 'tool' | 'queue' | 'set-up' | 'work' | 'wait' | 'hand-over' | 'approve' | 'run';

/** One stretch of a lane's calendar. Days are calendar days from the order. */
export interface Stretch {
  readonly id: string;
  readonly name: string;
  readonly kind: StretchKind;
  readonly from_d: number;
  readonly days: number;
  /** Who or what it takes, or null. */
  readonly resource: string | null;
  /** Names of steps that run on other pieces meanwhile. */
  readonly overlaps: readonly string[];
}

/** A lane's calendar to its last part: tools, first pass, approval, and the run with its own pass. */
export interface Timeline {
  readonly stretches: readonly Stretch[];
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
}

/**
 * The ordered stretches of a lane from the order to N good pieces (equations T3, T4, T9 to T11); they follow each other
 * without gaps, so that their days sum to the day of the last part.
 * @param N good pieces, at least 1
 * @example
 * laneTimeline(model, cost.plan, study.timeOf(model, cost.plan), 500).stretches.length > 0 // true
 */
export function laneTimeline(model: LaneModel, plan: LayoutPlan, time: LaneTime, N: number): Timeline {
  const W = time.calendarPerWorkday;
  const { tool, queue } = model.v.time;
  const stretches: Stretch[] = [];
  let at = 0;
  const add = (
    id: string,
    name: string,
    kind: StretchKind,
    days: number,
    resource: string | null = null,
    overlaps: readonly string[] = [],
  ): void => {
    if (days <= 0) return;
    stretches.push({ id, name, kind, from_d: at, days, resource, overlaps });
    at += days;
  };
  const loops = likely(tool.loops);
  const made = makingDays(model, plan);
  if (model.atHand == null) {
    add('tool.queue', 'waiting for the toolroom', 'queue', W * likely(tool.queue), 'toolroom');
    add('tool.make', 'making the tool', 'tool', W * made, 'toolroom');
    add('tool.buy', 'bought for the tool', 'tool', W * likely(tool.buy));
    add('tool.other', model.option?.name ?? '', 'tool', W * likely(model.option?.days));
  } else {
    const fitUp = likely(model.rates.toolAtHand.fitUp) * made;
    add('tool.make', 'fitting up the tool that is there', 'tool', W * fitUp, 'toolroom');
  }
  add(
    'tool.loops',
    loops === 1 ? 'one sampling loop' : `${Number(loops.toFixed(1))} sampling loops`,
    'tool',
    W * loops * likely(tool.loopDays),
    'toolroom',
  );
  if (buysCores(model)) add('tool.cores', 'cores bought', 'tool', W * likely(model.rates.coreMaker.bought.days));
  add('queue', 'waiting for the floor', 'queue', W * (likely(queue) + likely(model.condition?.queue)));
  add('setUp', 'first-off check', 'set-up', (W * likely(model.v.lot.hFO)) / model.rates.calendar.shift_h);
  const pass = (prefix: string): void => {
    for (const step of time.steps) addStep(step, prefix, time, add);
  };
  pass('first');
  const firstArticle = at;
  if (N > time.samples) {
    if (N > NO_APPROVAL_UP_TO) {
      add('approve', 'approving the first article', 'approve', time.approve_d);
      pass('run');
    }
    add('run', 'pouring the rest', 'run', (W * (N - time.samples)) / time.goodPerDay, time.bottleneck);
  }
  return { stretches, firstArticle_d: firstArticle, lastPart_d: at };
}

/** Working days of making a tool; more hands share a very big one (T9). */
function makingDays({ v, rates: { calendar } }: LaneModel, { Ht }: LayoutPlan): number {
  const over = Math.max(1, Ht / likely(calendar.bigTool_h));
  return Ht / (likely(v.time.tool.cap) * power(over, likely(calendar.bigToolExp)));
}

function addStep(
  step: StepTime,
  prefix: string,
  time: LaneTime,
  add: (
    id: string,
    name: string,
    kind: StretchKind,
    days: number,
    resource?: string | null,
    overlaps?: readonly string[],
  ) => void,
): void {
  const W = time.calendarPerWorkday;
  const id = `${prefix}.${step.id}`;
  add(`${id}.hand-over`, `handed on to: ${step.name}`, 'hand-over', W * step.handover_d, step.crew);
  add(id, step.name, 'work', (W * step.touch_h) / time.hoursPerDay, step.crew ?? step.station, step.overlaps);
  add(`${id}.wait`, step.name, 'wait', step.wait_h / 24, step.station, step.overlaps);
}

/** A corner of a delivery curve: so many good pieces exist on that calendar day from the order. */
export interface Delivered {
  readonly day: number;
  readonly pieces: number;
}

/**
 * The corners of the curve of good pieces against calendar days (T11): nothing until the first article, its samples,
 * nothing more until they are approved, then a straight line to N.
 * @param N good pieces of the programme, at least 1
 * @example
 * deliveryCurve(study.timeOf(model, cost.plan), 500).at(-1)?.pieces // 500
 */
export function deliveryCurve(time: LaneTime, N: number): Delivered[] {
  const k = Math.min(N, time.samples);
  const first = time.firstArticle_d;
  const out: Delivered[] = [
    { day: 0, pieces: 0 },
    { day: first, pieces: 0 },
    { day: first, pieces: k },
  ];
  if (N <= k) return out;
  const from = first + (N <= NO_APPROVAL_UP_TO ? 0 : time.approve_d + time.pass_d);
  if (from > first) out.push({ day: from, pieces: k });
  out.push({ day: from + (time.calendarPerWorkday * (N - k)) / time.goodPerDay, pieces: N });
  return out;
}
