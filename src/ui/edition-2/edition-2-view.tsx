'use client';
import { Box, Progress, Span, Table, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { Edition2Line, Edition2Report } from '@/server/results';
import { call, Refused } from '../api';
import { perPart, plainDate, whole } from '../format';
import { PageHead, PageLink, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';

/** Study by study what edition 2 of the tables changed and why. */
export function Edition2View() {
  const [report, setReport] = useState<Edition2Report | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [again, setAgain] = useState(0);
  useEffect(() => {
    const ending = new AbortController();
    call<Edition2Report>('GET', '/api/edition-2', undefined, { signal: ending.signal }).then(
      (found) => {
        setReport(found);
        setProblem(null);
      },
      (error: unknown) => {
        if (!ending.signal.aborted)
          setProblem(error instanceof Refused ? error.message : 'The server does not answer.');
      },
    );
    return () => ending.abort();
  }, [again]);
  const moved = report?.lines.filter((l) => l.before !== l.leader).length ?? 0;
  return (
    <>
      <PageHead title="What edition 2 changed" ways={<PageLink href="/model">The model</PageLink>}>
        Edition 2 of the tables corrects limits, waits and losses. Signed decisions keep the figures and the core they
        were signed with.
      </PageHead>
      {problem !== null ? (
        <Text color="alarm" role="alert">
          {problem} <TextButton onClick={() => setAgain((n) => n + 1)}>Ask again</TextButton>
        </Text>
      ) : report === null ? (
        <Progress.Root value={null} size="xs" width="10rem" mt="4" aria-label="Calculating">
          <Progress.Track>
            <Progress.Range />
          </Progress.Track>
        </Progress.Root>
      ) : report.lines.length === 0 ? (
        <Text mt="4">No study here was calculated by an earlier edition: there is nothing to tell.</Text>
      ) : (
        <>
          <Text textStyle="label" py="2">
            {moved} of {report.lines.length} studies have a new leader.
          </Text>
          <Table.ScrollArea>
            <Table.Root size="sm" aria-label="What edition 2 changed">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Study</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Pieces</Table.ColumnHeader>
                  <Table.ColumnHeader>Led before</Table.ColumnHeader>
                  <Table.ColumnHeader>Leads now</Table.ColumnHeader>
                  <Table.ColumnHeader>Why</Table.ColumnHeader>
                  <Table.ColumnHeader>Signed</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {report.lines.map((line) => (
                  <Line key={line.studyId} line={line} />
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </>
      )}
    </>
  );
}

function Line({ line }: { readonly line: Edition2Line }) {
  const lane = (id: string | null, allIn: number | null) =>
    id === null ? (
      <Span color="fg.muted">none</Span>
    ) : (
      <>
        <Emblem laneId={id} /> {shortName(id)}
        {allIn !== null && (
          <Box textStyle="label" color="fg.muted">
            <PageLink href={`/studies/${line.studyId}/routes`} title="Opens its working on the board of the study">
              {perPart(allIn)} {line.currency}
            </PageLink>{' '}
            per part now
          </Box>
        )}
      </>
    );
  return (
    <Table.Row data-marked={line.before !== line.leader || undefined}>
      <Table.Cell>
        <PageLink href={`/studies/${line.studyId}/routes`}>{line.title}</PageLink>
        <Box textStyle="label" color="fg.muted">
          core {line.coreBefore} before
        </Box>
      </Table.Cell>
      <Table.Cell className="num">{whole(line.quantity)}</Table.Cell>
      <Table.Cell>{lane(line.before, line.allInBefore)}</Table.Cell>
      <Table.Cell>{lane(line.leader, line.allIn)}</Table.Cell>
      <Table.Cell textStyle="label" maxW="28rem" whiteSpace="normal">
        {line.changes.map((c) => (
          <div key={c.id}>
            {c.what} <Span color="fg.muted">{c.why}</Span>
          </div>
        ))}
      </Table.Cell>
      <Table.Cell textStyle="label" maxW="18rem" whiteSpace="normal">
        {line.signed !== null && (
          <>
            {shortName(line.signed.laneId)}, {line.signed.by}, {plainDate(line.signed.on)}, core {line.signed.core}
            {line.signed.reason !== null && <Box color="fg.muted">{line.signed.reason}</Box>}
          </>
        )}
      </Table.Cell>
    </Table.Row>
  );
}
