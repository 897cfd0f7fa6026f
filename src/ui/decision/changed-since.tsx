'use client';
import { Text } from '@chakra-ui/react';
import { Section } from '../kit';
import { useMemo } from 'react';
import { evaluate } from '@/core/comparison/board';
import { briefChanges, rateChanges, resultChanges, type Change } from '@/core/decision';
import type { DecisionRecord } from '@/server/decisions';
import { plainDate } from '../format';
import type { StudyAt } from '../working/figure-at';
import { useStudy } from '../study/study-context';
import { ChangeTable } from './change-table';

/** What is no longer as it was signed: brief, results, core, rates. */
export function ChangedSince({
  decision,
  studyAt,
}: {
  readonly decision: DecisionRecord;
  /** The study as signed, where its figures can be worked out again. */
  readonly studyAt?: StudyAt | undefined;
}) {
  const { brief, school, study } = useStudy('brief', 'school', 'study');
  const changes = useMemo<Change[]>(() => {
    const now = evaluate(brief, { school, rates: study.rates, quantity: decision.quantity });
    return [
      ...briefChanges(decision.snapshot.brief, brief),
      ...resultChanges(decision.snapshot.evaluation, now, decision.laneId),
      ...rateChanges(decision.snapshot.rates, study.rates),
    ];
  }, [brief, school, study, decision]);
  return (
    <Section title={<>Changed since it was signed on {plainDate(decision.signedOn)}</>} data-testid="changes">
      {changes.length === 0 ? (
        <Text>Nothing: brief, rates, results and model are unchanged.</Text>
      ) : (
        <ChangeTable
          changes={changes}
          studyAt={{ was: studyAt, is: { study, q: decision.quantity, words: 'as it is now' } }}
        />
      )}
    </Section>
  );
}
