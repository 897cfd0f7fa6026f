import { useCallback, useState } from 'react';
import type { Candidate } from '@/core/comparison/foundries';
import type { Foundry } from '@/core/foundries';
import { atFoundry } from '@/core/rates';
import { call, Refused } from '../api';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';

/** Opens the working of a figure of a foundry that could make the part: the study as that foundry alone would judge it. */
export function useCandidateWorking(q: number): {
  readonly open: (c: Candidate, figure: 'allIn' | 'tooling' | 'firstArticle') => void;
  readonly problem: string | null;
} {
  const { brief, school, study, prepare } = useStudy('brief', 'school', 'study', 'prepare');
  const { openWorking } = useSheets();
  const [problem, setProblem] = useState<string | null>(null);
  const open = useCallback(
    (c: Candidate, figure: 'allIn' | 'tooling' | 'firstArticle') => {
      setProblem(null);
      call<Foundry>('GET', `/api/foundries/${c.foundryId}`).then(
        ({ id, name, version, profile }) => {
          const { among: _others, ...rates } = study.rates.atNone ?? study.rates;
          const at = prepare(brief, school, atFoundry(rates, { id, name, version, profile }));
          openWorking({ laneId: c.laneId, figure }, { study: at, q, words: `at ${name}` });
        },
        (error: unknown) =>
          setProblem(
            error instanceof Refused ? error.message : `The server does not answer: no working of ${c.foundry}.`,
          ),
      );
    },
    [brief, school, study, prepare, openWorking, q],
  );
  return { open, problem };
}
