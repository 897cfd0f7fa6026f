import { useCallback, useEffect, useState } from 'react';
import type { ScreenedPart } from '@/core/comparison/parts-list';
import { call, Refused } from '../api';

/** The screened list as the server has it. */
export interface Screen {
  readonly parts: readonly ScreenedPart[];
  readonly currency: string;
}

/** Asks for the list screened by a rate set; a newer question ends the one before it. */
export function useScreen(first: Screen, ratesId: string, firstRates: string) {
  const [screen, setScreen] = useState(first);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [asked, setAsked] = useState(0);
  useEffect(() => {
    if (asked === 0 && ratesId === firstRates) return;
    const ending = new AbortController();
    queueMicrotask(() => setBusy(true));
    call<Screen>('GET', `/api/bought-parts?rates=${encodeURIComponent(ratesId)}`, undefined, { signal: ending.signal })
      .then(
        (found) => {
          setScreen(found);
          setProblem(null);
        },
        (error: unknown) => {
          if (!ending.signal.aborted)
            setProblem(
              error instanceof Refused ? error.message : 'The server does not answer; this is the list as it was.',
            );
        },
      )
      .finally(() => !ending.signal.aborted && setBusy(false));
    return () => ending.abort();
  }, [ratesId, firstRates, asked]);
  return { screen, busy, problem, again: useCallback(() => setAsked((n) => n + 1), []) };
}
