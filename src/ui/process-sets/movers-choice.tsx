'use client';
import { Box, Field, Flex, Progress } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { ProcessMover } from '@/core/comparison/process-movers';
import { call, Refused } from '../api';
import { Choice } from '../kit';
import { perPart } from '../format';

/** A study whose strongest values are asked for, and the answer. */
export interface Movers {
  readonly studyId: string;
  readonly currency: string;
  readonly list: readonly ProcessMover[];
}

/** What a value does to a study, in words. */
export function moverWords({ atLow, atHigh }: ProcessMover, currency: string): string {
  const at = (x: number | null): string => (x === null ? 'ruled out' : perPart(x));
  return `moves the leader between ${at(atLow)} and ${at(atHigh)} ${currency} per part`;
}

/** Asks which values of a set move a study most. */
export function MoversChoice({
  setId,
  onMovers,
}: {
  readonly setId: string;
  readonly onMovers: (movers: Movers | null) => void;
}) {
  const [studies, setStudies] = useState<readonly { readonly id: string; readonly title: string }[]>([]);
  const [chosen, setChosen] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    let live = true;
    call<{ studies: { id: string; title: string }[] }>('GET', '/api/studies').then(
      (page) => live && setStudies(page.studies),
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, []);
  useEffect(() => {
    if (chosen === '') return;
    const ending = new AbortController();
    call<Pick<Movers, 'currency' | 'list'>>(
      'POST',
      `/api/process-sets/${setId}/movers`,
      { studyId: chosen },
      { signal: ending.signal },
    )
      .then(
        (found) => onMovers({ studyId: chosen, ...found }),
        (error: unknown) => {
          if (!ending.signal.aborted)
            setProblem(error instanceof Refused ? error.message : 'The server does not answer.');
        },
      )
      .finally(() => {
        if (!ending.signal.aborted) setBusy(false);
      });
    return () => ending.abort();
  }, [chosen, setId, onMovers]);
  return (
    <Flex gap="3" align="flex-end">
      <Field.Root width="18rem">
        <Field.Label>What moves this study most</Field.Label>
        <Choice
          size="xs"
          empty="none chosen"
          options={studies.map((s) => [s.id, s.title])}
          value={chosen}
          onChange={(e) => {
            setChosen(e.target.value);
            setProblem(null);
            setBusy(e.target.value !== '');
            if (e.target.value === '') onMovers(null);
          }}
        />
      </Field.Root>
      {busy && (
        <Progress.Root value={null} size="xs" width="6rem" aria-label="Calculating">
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      )}
      {problem !== null && (
        <Box color="alarm" textStyle="label" role="alert">
          {problem}
        </Box>
      )}
    </Flex>
  );
}
