import { useCallback, useEffect, useState } from 'react';
import { call, Refused } from '../api';
import { useQuantity, useStudy } from '../study/study-context';
import type { QuotesFound } from './quotes.types';

/** The hand rests so long before quotes are compared again, ms. */
const RESTS_MS = 200;

/** The quotes of the study as they compare at the quantity of the rail; asked again when that or the brief has come to rest. */
export function useQuotes() {
  const { id, brief, school, rates } = useStudy('id', 'brief', 'school', 'rates');
  const { q } = useQuantity();
  const [found, setFound] = useState<QuotesFound | null>(null);
  const [busy, setBusy] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  const [turn, setTurn] = useState(0);
  const asked = JSON.stringify([brief, school, rates.id, rates.version, rates.process?.version]);
  useEffect(() => {
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setBusy(true);
      setProblem(null);
      call<QuotesFound>('GET', `/api/studies/${id}/quotes?q=${Math.max(1, Math.round(q))}`, undefined, {
        signal: ending.signal,
      })
        .then(setFound, (error: unknown) => {
          if (!ending.signal.aborted)
            setProblem(error instanceof Refused ? error.message : 'The server does not answer.');
        })
        .finally(() => {
          if (!ending.signal.aborted) setBusy(false);
        });
    }, RESTS_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [id, q, asked, turn]);
  return { id, found, busy, problem, again: useCallback(() => setTurn((n) => n + 1), []) };
}
