'use client';
import { Span } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { BOOK_PROCESS_ID, BOOK_PROCESS_REF } from '@/core/rates';
import type { ProcessSetSummary } from '@/server/process-sets';
import { call, Refused } from '../api';
import { Choice, PageLink } from '../kit';
import { useStudy } from '../study/study-context';

/** The process values a study is judged by, and the choice of others. */
export function ChooseProcess() {
  const { rates, setProcess } = useStudy('rates', 'setProcess');
  const [sets, setSets] = useState<readonly Pick<ProcessSetSummary, 'id' | 'name'>[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let live = true;
    call<ProcessSetSummary[]>('GET', '/api/process-sets').then(
      (list) => live && setSets(list),
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, []);
  const used = rates.process ?? BOOK_PROCESS_REF;
  const choose = async (id: string): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await setProcess(id === BOOK_PROCESS_ID ? null : id);
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.');
    }
    setBusy(false);
  };
  const known = sets.some((s) => s.id === used.id) ? sets : [used, ...sets];
  return (
    <Span display="inline-flex" alignItems="baseline" gap="2" me="3">
      <span>Process values</span>
      <Choice
        aria-label="Process values"
        variant="plain"
        size="xs"
        width="14rem"
        options={known.map((s) => [s.id, s.name])}
        value={used.id}
        disabled={busy}
        onChange={(e) => void choose(e.target.value)}
      />
      <PageLink href={`/process-values/${used.id}`}>Open</PageLink>
      {problem !== null && (
        <Span color="alarm" role="alert">
          {problem}
        </Span>
      )}
    </Span>
  );
}
