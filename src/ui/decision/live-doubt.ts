import { briefFlipWords, flipWords, nearness } from '@/core/doubt';
import type { DrawnBy, KeptDoubt } from '@/core/decision';
import type { Study } from '@/core/board';
import type { DoubtState } from '../doubt/doubt-state';

const FLIPS_TOLD = 5;

/** What the draws on the screen say of one lane, as it would be kept with the decision; null while nothing is drawn. */
export function liveDoubt(study: Study, state: DoubtState, laneId: string, by: DrawnBy): KeptDoubt | null {
  const { summary, depth } = state;
  const own = summary?.lanes.find((l) => l.id === laneId);
  if (summary === null || own === undefined) return null;
  const { difference } = summary;
  const input = new Map(depth?.inputs.map((i) => [i.key, i]));
  const near = (depth?.leader === laneId ? depth.flips : [])
    .flatMap((flip) => {
      const of = input.get(flip.key);
      return flip.within && of !== undefined ? [{ flip, of, far: nearness(flip, of) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .slice(0, FLIPS_TOLD)
    .map(({ flip, of }) => flipWords(flip, of, study.rates));
  return {
    ...by,
    draws: summary.draws,
    cheapest: own.cheapest,
    inTime: own.inTime,
    allIn: own.allIn,
    total: own.total,
    firstArticle: own.first,
    against: difference?.first === laneId ? { laneId: difference.second, holds: difference.holds } : null,
    flips: [...(depth?.leader === laneId ? depth.briefFlips.map((f) => briefFlipWords(f, laneId)) : []), ...near],
  };
}
