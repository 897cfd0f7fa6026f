import type { Study } from '@/core/board';
import { PLAN } from '@/core/bridge';
import { doubtOf, flipsTold, type DrawnBy, type KeptDoubt } from '@/core/decision';
import type { DrawnPlan } from '@/core/doubt';
import type { DoubtState } from '../doubt/doubt-state';

/**
 * What the draws on the screen say of one choice, as it would be kept with the decision; null while nothing is drawn.
 * @param plan the plan in two steps where that is the choice
 */
export function liveDoubt(
  study: Study,
  { summary, depth }: DoubtState,
  laneId: string,
  by: DrawnBy,
  plan: DrawnPlan | null,
): KeptDoubt | null {
  if (summary === null) return null;
  const id = plan === null ? laneId : PLAN;
  const flips = depth?.leader === id ? flipsTold(study, id, depth, depth.briefFlips) : [];
  return doubtOf(summary, id, by, flips, plan);
}
