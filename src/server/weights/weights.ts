import { FIRST_WEIGHTS, WEIGHED, type Weights } from '@/core/comparison/ranking';
import { change, pool, rows, transaction } from '../db';
import { isoTime } from '../studies/repo';

/** The team's weights, and who set them last; null where nobody has. */
export interface TeamWeights {
  readonly weights: Weights;
  readonly changedBy: string | null;
  readonly changedAt: string | null;
}

interface Row {
  readonly criterion: string;
  readonly weight: number;
  readonly changed_by: string;
  readonly changed_at: string;
}

/** What the team weighs routes by. */
export async function teamWeights(): Promise<TeamWeights> {
  const list = await rows<Row>(pool(), 'SELECT criterion, weight, changed_by, changed_at FROM team_weights');
  const latest = list.reduce<Row | null>((l, r) => (l === null || r.changed_at > l.changed_at ? r : l), null);
  const of = new Map(list.map((r) => [r.criterion, Number(r.weight)]));
  return {
    weights: Object.fromEntries(WEIGHED.map((key) => [key, of.get(key) ?? FIRST_WEIGHTS[key]])) as unknown as Weights,
    changedBy: latest?.changed_by ?? null,
    changedAt: latest === null ? null : isoTime(latest.changed_at),
  };
}

/** Sets the team's weights: all of them, by one person. */
export async function setTeamWeights(weights: Weights, who: string): Promise<TeamWeights> {
  await transaction(async (on) => {
    for (const key of WEIGHED)
      await change(
        on,
        'INSERT INTO team_weights (criterion, weight, changed_by) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE weight = VALUES(weight), changed_by = VALUES(changed_by), changed_at = CURRENT_TIMESTAMP(3)',
        [key, weights[key], who],
      );
  });
  return teamWeights();
}
