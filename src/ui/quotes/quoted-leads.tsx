'use client';
import { Box, Flex, Progress, Span, Table, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { QuotedRun } from '@/core/comparison/quotes';
import { call, failureWords } from '../api';
import { whole } from '../format';
import { FigureButton, Section, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { useQuantity } from '../study/study-context';
import { quoteById } from './quote-words';
import type { QuotesFound } from './quotes.types';

/** Where the lead changes once quotes stand in place of the model; looked for when it is asked for, and stopped when not. */
export function QuotedLeads({ studyId, found }: { readonly studyId: string; readonly found: QuotesFound }) {
  const { q, setQ } = useQuantity();
  const [runs, setRuns] = useState<readonly QuotedRun[] | string | null>(null);
  const [busy, setBusy] = useState(false);
  const ending = useRef<AbortController | null>(null);
  useEffect(() => () => ending.current?.abort(), []);
  const ask = (): void => {
    ending.current?.abort();
    const mine = new AbortController();
    ending.current = mine;
    setBusy(true);
    call<readonly QuotedRun[]>('GET', `/api/studies/${studyId}/quotes/leads`, undefined, { signal: mine.signal })
      .then(setRuns, (error: unknown) => {
        if (!mine.signal.aborted) setRuns(failureWords(error, 'The server does not answer.'));
      })
      .finally(() => setBusy(false));
  };
  return (
    <Section
      title="Where the lead changes by quotes"
      under="a quote is taken at every quantity as it says, by its breaks and charges"
    >
      {busy ? (
        <Flex gap="3" align="center" textStyle="label" role="status">
          <Progress.Root value={null} size="xs" width="8rem" aria-label="Looking at all quantities">
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
          Looking at quantities from 1 to 1 000 000 …
          <TextButton size="sm" onClick={() => ending.current?.abort()}>
            stop
          </TextButton>
        </Flex>
      ) : (
        <TextButton size="sm" onClick={ask}>
          {runs === null ? 'Look at all quantities' : 'Look again'}
        </TextButton>
      )}
      {typeof runs === 'string' && (
        <Text color="alarm" role="alert">
          {runs}
        </Text>
      )}
      {runs !== null && typeof runs !== 'string' && (
        <>
          <Table.Root size="sm" aria-label="Leads by quotes" mt="2">
            <Table.Body>
              {runs.map((r) => {
                const quote = quoteById(found, r.leader?.quoteId ?? null);
                const here = q >= r.from && q <= r.to;
                return (
                  <Table.Row key={r.from} data-here={here || undefined}>
                    <Table.Cell className="num" whiteSpace="nowrap">
                      <FigureButton onClick={() => setQ(r.from)}>{whole(r.from)}</FigureButton> to {whole(r.to)}
                      {here && <Span color="hot"> ← here</Span>}
                    </Table.Cell>
                    <Table.Cell>
                      {r.leader === null ? (
                        'nothing is left'
                      ) : (
                        <>
                          <Emblem laneId={r.leader.laneId} size={16} /> {r.leader.name}
                        </>
                      )}
                    </Table.Cell>
                    <Table.Cell>{quote === undefined ? 'by the model' : `quoted by ${quote.held.foundry}`}</Table.Cell>
                  </Table.Row>
                );
              })}
            </Table.Body>
          </Table.Root>
          <Box textStyle="label" color="fg.muted" mt="1">
            Looked at eight quantities in each decade; every change between two of them is found to the piece.
          </Box>
        </>
      )}
    </Section>
  );
}
