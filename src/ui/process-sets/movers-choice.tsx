'use client';
import { Box, Field, Flex, Progress } from '@chakra-ui/react';
import { useEffect, useId, useState } from 'react';
import type { ProcessMover } from '@/core/comparison/process-movers';
import { call, Refused } from '../api';
import { SearchChoice, type SearchOption } from '../kit';
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

/** Fetches the studies to choose from. */
const loadStudies = async (): Promise<readonly SearchOption[]> => {
  const { studies } = await call<{ studies: { id: string; title: string }[] }>('GET', '/api/studies/titles');
  return studies.map(({ id, title }) => ({ value: id, label: title, group: 'Studies' }));
};

/** Asks which values of a set move a study most. */
export function MoversChoice({
  setId,
  onMovers,
}: {
  readonly setId: string;
  readonly onMovers: (movers: Movers | null) => void;
}) {
  const id = useId();
  const [chosen, setChosen] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (chosen === null) return;
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
      <Field.Root width="18rem" ids={{ control: id }}>
        <Field.Label>What moves this study most</Field.Label>
        <SearchChoice
          id={id}
          label="What moves this study most"
          load={loadStudies}
          name={null}
          value={chosen}
          placeholder="none chosen"
          onChange={(studyId) => {
            setChosen(studyId);
            setProblem(null);
            setBusy(studyId !== null);
            if (studyId === null) onMovers(null);
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
