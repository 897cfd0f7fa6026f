import { useCallback, useEffect, useState } from 'react';
import { call, failureWords } from '../api';
import { useQuantity, useStudy } from '../study/study-context';
import type { QuotesFound } from './quotes.types';

/** The hand rests so long before quotes are compared again, ms. */
const RESTS_MS = 200;

/** An answer is taken for so long where quotes stand beside something else, ms. */
const FRESH_MS = 30_000;

/** The last answer, shown at once where the same is asked: by study, quantity and all that it was asked with. */
let last: { readonly key: string; readonly found: QuotesFound; readonly at: number } | null = null;

/**
 * The quotes of the study as they compare at the quantity of the rail; asked again when that or the brief has come to rest.
 * @param always also where the study is known to hold none, and whatever was answered before
 */
export function useQuotes(always = false) {
  const { id, brief, school, rates, quoteCount, setQuoteCount } = useStudy(
    'id',
    'brief',
    'school',
    'rates',
    'quoteCount',
    'setQuoteCount',
  );
  const { q } = useQuantity();
  const pieces = Math.max(1, Math.round(q));
  const wanted = always || quoteCount > 0;
  const key = JSON.stringify([id, pieces, brief, school, rates.id, rates.version, rates.process?.version]);
  const [found, setFound] = useState<QuotesFound | null>(() => (last?.key === key ? last.found : null));
  const [busy, setBusy] = useState(wanted && found === null);
  const [problem, setProblem] = useState<string | null>(null);
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (!wanted || (!always && turn === 0 && last?.key === key && Date.now() - last.at < FRESH_MS)) return;
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setBusy(true);
      setProblem(null);
      call<QuotesFound>('GET', `/api/studies/${id}/quotes?q=${pieces}`, undefined, { signal: ending.signal })
        .then(
          (answer) => {
            last = { key, found: answer, at: Date.now() };
            setFound(answer);
            setQuoteCount(answer.quotes.length);
          },
          (error: unknown) => {
            if (!ending.signal.aborted) setProblem(failureWords(error, 'The server does not answer.'));
          },
        )
        .finally(() => {
          if (!ending.signal.aborted) setBusy(false);
        });
    }, RESTS_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [id, pieces, key, turn, wanted, always, setQuoteCount]);
  return {
    ...{ id, busy, problem },
    found: wanted ? found : null,
    again: useCallback(() => setTurn((n) => n + 1), []),
  };
}
