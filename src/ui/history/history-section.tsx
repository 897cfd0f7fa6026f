'use client';
import { Flex, Heading, Text } from '@chakra-ui/react';
import { Choice, Section } from '../kit';
import { useEffect, useMemo, useState } from 'react';
import type { Revision, StudyRecord } from '@/server/studies';
import { call } from '../api';
import { ChangeTable } from '../decision/change-table';
import { plainDate } from '../format';
import { editorId } from '../study/autosave';
import { useStudy } from '../study/study-context';
import { decisionChanges, revisionChanges } from './compare';
import { OwnName } from './own-name';
import { RevisionTable } from './revision-table';

/** Revisions of the brief and what was signed on them; two side by side; an earlier one taken up again. */
export function HistorySection() {
  const { id, brief, study, school, savedAt, decisions, flush, replace } = useStudy(
    'id',
    'brief',
    'study',
    'school',
    'savedAt',
    'decisions',
    'flush',
    'replace',
  );
  const [revisions, setRevisions] = useState<readonly Revision[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [pair, setPair] = useState<readonly [number | null, number | null]>([null, null]);
  useEffect(() => {
    let live = true;
    call<Revision[]>('GET', `/api/studies/${id}/revisions`).then(
      (list) => live && setRevisions(list),
      (error: unknown) => live && setProblem(error instanceof Error ? error.message : String(error)),
    );
    return () => {
      live = false;
    };
  }, [id, savedAt, decisions]);
  const newest = revisions?.[0];
  const was = revisions?.find((r) => r.revision === (pair[0] ?? (newest?.revision ?? 0) - 1));
  const is = revisions?.find((r) => r.revision === (pair[1] ?? newest?.revision));
  const changes = useMemo(() => {
    if (was === undefined || is === undefined) return null;
    const on = (r: Revision) => decisions.find((d) => d.revision === r.revision);
    return [...revisionChanges(was.brief, is.brief, school, study.rates), ...decisionChanges(on(was), on(is))];
  }, [was, is, school, study.rates, decisions]);
  const restore = async (revision: number): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const version = await flush();
      replace(
        await call<StudyRecord>('POST', `/api/studies/${id}/revisions/${revision}/restore`, {
          version,
          editor: editorId(),
        }),
      );
      setPair([null, null]);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return (
    <Section
      title="History"
      under="every session makes a revision; a signed one is never overwritten"
      _print={{ display: 'none' }}
      aria-label="History"
      data-testid="history"
    >
      <OwnName />
      {problem !== null && (
        <Text role="alert" color="alarm">
          {problem}
        </Text>
      )}
      {revisions === null && problem === null && (
        <Text textStyle="label" color="fg.muted" role="status">
          Loading the revisions …
        </Text>
      )}
      {revisions !== null && (
        <RevisionTable
          revisions={revisions}
          decisions={decisions}
          busy={busy}
          onRestore={(revision) => void restore(revision)}
        />
      )}
      {revisions !== null && revisions.length > 1 && was !== undefined && is !== undefined && (
        <Flex columnGap="3" align="baseline" flexWrap="wrap" mt="3">
          <Heading as="h3">Compare</Heading>
          {([0, 1] as const).map((side) => (
            <Choice
              key={side}
              aria-label={side === 0 ? 'Earlier revision' : 'Later revision'}
              variant="plain"
              size="xs"
              width="13rem"
              options={revisions.map((r) => [String(r.revision), `revision ${r.revision}, ${plainDate(r.savedAt)}`])}
              value={String((side === 0 ? was : is).revision)}
              onChange={(e) => {
                const chosen = Number(e.target.value);
                setPair(side === 0 ? [chosen, is.revision] : [was.revision, chosen]);
              }}
            />
          ))}
        </Flex>
      )}
      {changes !== null && was !== undefined && is !== undefined && (
        <div data-testid="revision-changes">
          {changes.length === 0 ? (
            <Text textStyle="label">No difference.</Text>
          ) : (
            <ChangeTable changes={changes} was={`Revision ${was.revision}`} is={`Revision ${is.revision}`} />
          )}
        </div>
      )}
      {revisions !== null && revisions.length < 2 && (
        <Text textStyle="label" color="fg.muted">
          “{brief.title}” has one revision so far; the next session, or a save after signing, makes another.
        </Text>
      )}
    </Section>
  );
}
