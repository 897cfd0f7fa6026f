import { PLAN, type StudyWorkings } from '@/core/phased-plans';
import { simulationOf, flipExplanationsOf, type DrawnBy, type KeptSimulation } from '@/core/decision';
import type { DrawnPlan } from '@/core/simulation';
import type { SimulationState } from '../simulation/simulation-state';

/**
 * What the draws on the screen say of one choice, as it would be kept with the decision; null while nothing is drawn.
 * @param of workings of the study at its quantity, with the plan where that is the choice
 * @param plan the plan in two steps where that is the choice
 */
export function liveSimulation(
  of: StudyWorkings,
  { summary, depth }: SimulationState,
  laneId: string,
  by: DrawnBy,
  plan: DrawnPlan | null,
): KeptSimulation | null {
  if (summary === null) return null;
  const id = plan === null ? laneId : PLAN;
  const flips = depth?.leader === id ? flipExplanationsOf(of, id, depth, depth.briefFlips) : [];
  return simulationOf(summary, id, by, flips, plan);
}
