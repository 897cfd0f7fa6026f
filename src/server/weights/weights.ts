import { FIRST_WEIGHTS, WEIGHED, type Weights } from '@/core/comparison/ranking';
import { isoTime, pool, transaction } from '../db';
import { putWeight, selectWeights, type WeightRow } from './queries';

/** The team's weights, and who set them last; null where nobody has. */
export interface TeamWeights {
  readonly weights: Weights;
  readonly changedBy: string | null;
  readonly changedAt: string | null;
}

/** What the team weighs routes by. */
export async function teamWeights(): Promise<TeamWeights> {
  const list = await selectWeights(pool());
  const latest = list.reduce<WeightRow | null>((l, r) => (l === null || r.changed_at > l.changed_at ? r : l), null);
  const of = new Map(list.map((r) => [r.criterion, Number(r.weight)]));
  const weights = { ...FIRST_WEIGHTS };
  for (const key of WEIGHED) weights[key] = of.get(key) ?? weights[key];
  return {
    weights,
    changedBy: latest?.changed_by ?? null,
    changedAt: latest === null ? null : isoTime(latest.changed_at),
  };
}

/** Sets the team's weights: all of them, by one person. */
export async function setTeamWeights(weights: Weights, who: string): Promise<TeamWeights> {
  await transaction(async (on) => {
    for (const key of WEIGHED) await putWeight(on, key, weights[key], who);
  });
  return teamWeights();
}
