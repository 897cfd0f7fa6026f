'use client';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { FIRST_WEIGHTS, type Weights } from '@/core/comparison/ranking';
import type { TeamWeights } from '@/server/weights';
import { call } from '../api';

/** The weights on the screen, the team's, and the means to make the one the other. */
export interface UsedWeights {
  readonly weights: Weights;
  readonly setWeights: (weights: Weights) => void;
  readonly team: TeamWeights | null;
  readonly keep: (who: string) => Promise<void>;
}

/** Weights as the team has them, moved freely on this screen until they are kept for all. */
export function useWeights(): UsedWeights {
  // What a hand has set stands, however late the team's weights come.
  const [own, setWeights] = useState<Weights | null>(null);
  const [team, setTeam] = useState<TeamWeights | null>(null);
  useEffect(() => {
    let live = true;
    call<TeamWeights>('GET', '/api/weights').then(
      (got) => {
        if (live) setTeam(got);
      },
      // Without the server the first weights stand; nothing is lost by it.
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, []);
  const weights = own ?? team?.weights ?? FIRST_WEIGHTS;
  const keep = useCallback(
    async (who: string) => setTeam(await call<TeamWeights>('PUT', '/api/weights', { weights, who })),
    [weights],
  );
  return useMemo(() => ({ weights, setWeights, team, keep }), [weights, team, keep]);
}
