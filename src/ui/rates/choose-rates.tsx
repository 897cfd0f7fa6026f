'use client';
import { Span } from '@chakra-ui/react';
import { PageLink } from '../kit';
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
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. The rates are as they were.');
    }
    setBusy(false);
  };
  const known = sets.some((s) => s.id === rates.id) ? sets : [rates, ...sets];
  return (
    <span>
      <label htmlFor="study-rates">Rates:</label>{' '}
      <select
        id="study-rates"
        className="plain-select"
        value={rates.id}
        disabled={busy}
        onChange={(e) => void choose(e.target.value)}
      >
        {known.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </select>{' '}
      <PageLink href={`/rates/${rates.id}`}>open the set</PageLink>
      {problem !== null && (
        <Span color="alarm" role="alert">
          {' '}
          {problem}
        </Span>
      )}
    </span>
  );
}
