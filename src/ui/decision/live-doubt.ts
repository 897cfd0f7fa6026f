import type { Study } from '@/core/board';
import { flipsTold, type DrawnBy, type KeptDoubt } from '@/core/decision';
import type { DoubtState } from '../doubt/doubt-state';

/** What the draws on the screen say of one lane, as it would be kept with the decision; null while nothing is drawn. */
export function liveDoubt(study: Study, state: DoubtState, laneId: string, by: DrawnBy): KeptDoubt | null {
  const { summary, depth } = state;
  const own = summary?.lanes.find((l) => l.id === laneId);
  if (summary === null || own === undefined) return null;
  const { difference } = summary;
  return {
    ...by,
    draws: summary.draws,
    cheapest: own.cheapest,
    inTime: own.inTime,
    allIn: own.allIn,
    total: own.total,
    firstArticle: own.first,
    against: difference?.first === laneId ? { laneId: difference.second, holds: difference.holds } : null,
    flips: depth?.leader === laneId ? flipsTold(study, laneId, depth, depth.briefFlips) : [],
  };
}
