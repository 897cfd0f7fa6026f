import { unpackedRates } from '@/core/rates';
import { useMemo } from 'react';
import { CORE_VERSION } from '@/core/base/version';
import { boardAt, verdictExplanation } from '@/core/comparison/board';
import { drawnOf } from '@/core/decision';
import { plain, type Explanation } from '@/core/explanation';
import { StudyWorkings } from '@/core/phased-plans';
import type { DecisionRecord } from '@/server/decisions';
import { useStudy } from '../study/study-context';
import type { StudyAt } from '../working/figure-at';

/** A signed study as it was: what its figures open from, and its verdict. Only the core that made them works them out. */
export function useSignedStudy(decision: DecisionRecord): {
  readonly studyAt: StudyAt | undefined;
  readonly workings: StudyWorkings | null;
  readonly verdict: Explanation;
} {
  const { evaluation } = decision.snapshot;
  const { prepare } = useStudy('prepare');
  const studyAt = useMemo<StudyAt | undefined>(
    () =>
      decision.coreVersion === CORE_VERSION
        ? {
            study: prepare(decision.snapshot.brief, decision.school, unpackedRates(decision.snapshot.rates)),
            q: decision.quantity,
            words: 'as signed',
            plan: decision.snapshot.plan == null ? null : drawnOf(decision.snapshot.plan),
          }
        : undefined,
    [decision, prepare],
  );
  const workings = useMemo(
    () =>
      studyAt === undefined
        ? null
        : new StudyWorkings(studyAt.study, studyAt.q, studyAt.plan?.open, studyAt.plan?.deliveries),
    [studyAt],
  );
  const verdict = useMemo<Explanation>(() => {
    if (studyAt === undefined) return [evaluation.verdict];
    const explanation = verdictExplanation(
      boardAt(studyAt.study, studyAt.q),
      evaluation.crossings,
      evaluation.currency,
    );
    return plain(explanation) === evaluation.verdict ? explanation : [evaluation.verdict];
  }, [studyAt, evaluation]);
  return { studyAt, workings, verdict };
}
