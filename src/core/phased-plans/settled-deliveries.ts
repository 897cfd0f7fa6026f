import { survives, type Study } from '../study';
import type { PlanDue } from './deliveries';
import { switchesInTime } from './in-time';
import { mostBy, stepLanes, type LaneSteps } from './lane-steps';

/** Days beyond which nothing is looked for. */
const FURTHEST_D = 20_000;

/**
 * Days asked as they can be met: one that no two lanes can meet is put off to the soonest they can; where no one pair
 * then meets all of them together, all are put off by the fewest days that let one.
 *
 * @example
 * settledDeliveries(study, 500, []) // []
 */
export function settledDeliveries(study: Study, q: number, asked: readonly PlanDue[]): PlanDue[] {
  const near = reachable(study, asked);
  const able = (days: number): boolean => {
    const later = putOff(near, days);
    return onePlan(stepLanes(study, later), q, later);
  };
  if (q < 2 || stepLanes(study, near).length < 2 || able(0)) return near;
  return putOff(near, leastDay(0, able));
}

/** Whether any pair of lanes can meet all days. */
function onePlan(lanes: readonly LaneSteps[], q: number, deliveries: readonly PlanDue[]): boolean {
  return lanes.some((a) => lanes.some((b) => a !== b && switchesInTime(a, b, q, deliveries, 1).length > 0));
}

/** Days asked that no two lanes together can meet, each put off to the soonest they could. */
function reachable(study: Study, deliveries: readonly PlanDue[]): PlanDue[] {
  const lanes = study.lanes.filter(survives);
  const most = (day: number): number => {
    const [first = 0, second = 0] = lanes.map((entry) => mostBy(study, entry, day)).sort((x, y) => y - x);
    return first + second;
  };
  return deliveries.map((due) => {
    const enough = (day: number): boolean => most(day) >= due.pieces;
    return enough(due.day_d) ? due : { ...due, day_d: leastDay(Math.max(0, Math.ceil(due.day_d)), enough) };
  });
}

/** The first whole day on which it holds, from one on which it does not; it goes on holding. */
function leastDay(from: number, holds: (day: number) => boolean): number {
  let step = 1;
  while (!holds(from + step)) {
    if (step > FURTHEST_D) return Infinity;
    step *= 2;
  }
  let [low, high] = [from + Math.floor(step / 2), from + step];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** All days asked, put off by so many days. */
const putOff = (deliveries: readonly PlanDue[], days: number): PlanDue[] =>
  days === 0 ? [...deliveries] : deliveries.map((d) => ({ ...d, day_d: d.day_d + days }));
