import type { ModelFigures } from '../../quotes';
import type { Study } from '../../study';
import { boardAt } from '../board';

/**
 * What the model has of a route, to hold a quote against.
 *
 * @param study made ready
 * @param laneId of the route and variant that the quote is for
 * @param q pieces of the programme
 * @returns null where the route has no money: an alloy it does not pour, a brief that lacks figures
 * @example
 * modelFigures(study, 'no-such/lane', 500) // null
 */
export function modelFigures(study: Study, laneId: string, q: number): ModelFigures | null {
  const lane = boardAt(study, q).lanes.find((l) => l.id === laneId);
  if (lane?.money == null || lane.dates === null || study.facts === null) return null;
  const { plan, sets, shots } = lane.money;
  // A tool that outlives the programme tells no life.
  const lifeGood = sets === 0 ? null : (shots * plan.castingsPerPour) / (sets + 1);
  return {
    unit: lane.money.unit,
    goodPerWorkday: lane.dates.time.goodPerDay,
    lifeGood,
    mass_kg: study.facts.m,
    firstArticle_d: lane.dates.firstArticle_d,
  };
}
