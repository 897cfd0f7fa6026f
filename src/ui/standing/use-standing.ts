'use client';
import { useEffect, useState } from 'react';
import type { StandingOf } from '@/server/results';
import { call } from '../api';
import { useStudy } from '../study/study-context';

/** How a signed decision stands with the rates its study uses; null while it is worked out or the server is away. */
export function useStanding(decisionId: string): StandingOf | null {
  const { rates } = useStudy('rates');
  const [standing, setStanding] = useState<StandingOf | null>(null);
  useEffect(() => {
    let live = true;
    call<StandingOf>('GET', `/api/standings?decision=${decisionId}`).then(
      (found) => {
        if (live) setStanding(found);
      },
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, [decisionId, rates]);
  return standing;
}
