'use client';
import { Span } from '@chakra-ui/react';
import { Choice, PageLink } from '../kit';
import { useEffect, useState } from 'react';
import type { RateSetSummary } from '@/server/rates';
import { call, Refused } from '../api';
import { useStudy } from '../study/study-context';

/** The rate set a study uses, and the choice of another. */
export function ChooseRates() {
  const { rates, setRates } = useStudy('rates', 'setRates');
  const [sets, setSets] = useState<readonly Pick<RateSetSummary, 'id' | 'name'>[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let live = true;
    call<RateSetSummary[]>('GET', '/api/rates').then(
      (list) => live && setSets(list),
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, []);
  const choose = async (id: string): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await setRates(id);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. The rates are unchanged.');
    }
    setBusy(false);
  };
  const known = sets.some((s) => s.id === rates.id) ? sets : [rates, ...sets];
  return (
    <Span display="inline-flex" alignItems="baseline" gap="2" me="3">
      <span>Rates</span>
      <Choice
        aria-label="Rates"
        variant="plain"
        size="xs"
        width="14rem"
        options={known.map((s) => [s.id, s.name])}
        value={rates.id}
        disabled={busy}
        onChange={(e) => void choose(e.target.value)}
      />
      <PageLink href={`/rates/${rates.id}`}>Open</PageLink>
      {problem !== null && (
        <Span color="alarm" role="alert">
          {' '}
          {problem}
        </Span>
      )}
    </Span>
  );
}
