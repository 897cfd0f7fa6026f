import type { Study } from '../types';
import { bestLayout, type StudyLane } from '../study-lane';
import { dayOf, laneTime, type LaneTime } from '../../schedule';
import { moneyCase, type MoneyCase } from '../../cost';
import { refuse } from '../../base/errors';

/** Everything a working of one lane at one quantity may draw on. */
export interface Context extends MoneyCase {
  readonly study: Study;
  readonly entry: StudyLane;
  readonly time: LaneTime;
  readonly lastPart_d: number;
}

/**
 * The context of a lane's workings.
 * @throws {CoreError} E_KEY for an unknown lane, E_NO_VALUE for one without money
 * @example
 * contextOf(study, board.leader, 500).q // 500
 */
export function contextOf(study: Study, laneId: string, q: number): Context {
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  if (entry === undefined) return refuse('E_KEY', 'lane', laneId, study.lanes.map((e) => e.lane.id).join(' | '));
  const best = bestLayout(entry, q);
  const { model } = entry;
  if (best === null || model === null)
    return refuse('E_NO_VALUE', 'lane', laneId, entry.uncosted ?? 'a lane with money');
  const { cost } = best;
  const time = laneTime(model, cost.plan);
  return { ...moneyCase(cost, q), study, entry, time, lastPart_d: dayOf(time, q, q) };
}
