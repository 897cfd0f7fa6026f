'use client';
import { Box, Flex, Span, Table, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { Collected, RequestLine, RequestRecord } from '@/server/quotes';
import { call } from '../api';
import { plainDate } from '../format';
import { FileLink, Section, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { notices } from '../shell/notices';
import type { QuotesFound } from './quotes.types';

/** The desk is asked so often while it has something to answer, ms. */
const ASK_MS = 3000;

const STATE_WORDS: Readonly<Record<RequestLine['state'], string>> = {
  open: '○ open',
  answered: '● answered',
  declined: '✕ declined',
  closed: '– closed',
};

/** What was asked of whom, what is still open, and what goes out with each request. */
export function Requests({
  studyId,
  found,
  onChanged,
  onRead,
}: {
  readonly studyId: string;
  readonly found: QuotesFound;
  readonly onChanged: () => void;
  /** Opens a reply that a person must read. */
  readonly onRead: (line: RequestLine) => void;
}) {
  const waiting = found.requests.some((r) => r.lines.some((l) => l.byDesk && l.state === 'open' && l.reply === null));
  const [silent, setSilent] = useState(false);
  useEffect(() => {
    if (!waiting) return;
    const ending = new AbortController();
    const timer = setInterval(() => {
      call<Collected>('POST', `/api/studies/${studyId}/requests/collect`, {}, { signal: ending.signal }).then(
        ({ quotes, declined, unread }) => {
          setSilent(false);
          if (quotes + declined + unread === 0) return;
          notices.create({
            title: `Simulated desk: ${quotes} ${quotes === 1 ? 'quote' : 'quotes'}, ${declined} declined${unread === 0 ? '' : `, ${unread} to be read by you`}.`,
          });
          onChanged();
        },
        () => {
          if (!ending.signal.aborted) setSilent(true);
        },
      );
    }, ASK_MS);
    return () => {
      clearInterval(timer);
      ending.abort();
    };
  }, [waiting, studyId, onChanged]);
  if (found.requests.length === 0) return null;
  return (
    <Section title="Asked" under={silent ? 'the server does not answer; asked again in a moment' : ''}>
      {[...found.requests].reverse().map((r) => (
        <OneRequest key={r.id} {...{ studyId, r, onChanged, onRead }} asOf={found.assessed.setting.asOf} />
      ))}
    </Section>
  );
}

function OneRequest({
  studyId,
  r,
  asOf,
  onChanged,
  onRead,
}: {
  readonly studyId: string;
  readonly r: RequestRecord;
  readonly asOf: string;
  readonly onChanged: () => void;
  readonly onRead: (line: RequestLine) => void;
}) {
  const open = r.lines.filter((l) => l.state === 'open').length;
  const late = open > 0 && r.answerBy !== null && r.answerBy < asOf;
  const settle = (line: RequestLine, state: 'open' | 'closed'): void =>
    void call('POST', `/api/studies/${studyId}/requests/lines/${line.id}`, { state }).then(onChanged, () =>
      notices.create({ title: 'The server does not answer. Nothing was changed.' }),
    );
  return (
    <Box py="2">
      <Flex gap="3" align="baseline" flexWrap="wrap">
        <strong>Request {r.number}</strong>
        <Span textStyle="label" color="fg.muted">
          {plainDate(r.sentAt)}, {r.sentBy}; {open} of {r.lines.length} open
          {r.answerBy !== null && `, answer by ${plainDate(r.answerBy)}`}
        </Span>
        {late && (
          <Span textStyle="label" color="alarm">
            ▲ past its day: remind them
          </Span>
        )}
        <FileLink href={`/api/requests/${r.id}/zip`}>pack</FileLink>
        <FileLink href={`/api/requests/${r.id}/pdf`}>paper</FileLink>
      </Flex>
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="sm" aria-label={`Request ${r.number}`}>
          <Table.Body>
            {r.lines.map((l) => (
              <Table.Row key={l.id} data-line={l.id}>
                <Table.Cell>
                  <Emblem laneId={l.laneId} size={16} /> {l.foundry}, {shortName(l.laneId)}
                  {l.byDesk && <Span color="fg.muted"> · simulated desk</Span>}
                </Table.Cell>
                <Table.Cell>
                  {l.reply === null ? STATE_WORDS[l.state] : <Span color="alarm">▲ a reply waits to be read</Span>}
                  {l.deskState !== '' && (
                    <Box textStyle="label" color="fg.muted">
                      {l.deskState}
                    </Box>
                  )}
                </Table.Cell>
                <Table.Cell textStyle="label">
                  <Flex gap="3">
                    {l.reply !== null && (
                      <TextButton size="sm" onClick={() => onRead(l)}>
                        Read it
                      </TextButton>
                    )}
                    {l.state === 'open' && (
                      <>
                        <FileLink href={`/api/requests/${r.id}/xlsx?line=${l.id}`}>reply sheet</FileLink>
                        <FileLink href={`/api/requests/${r.id}/csv?line=${l.id}`}>CSV</FileLink>
                        <TextButton size="sm" onClick={() => settle(l, 'closed')}>
                          close
                        </TextButton>
                      </>
                    )}
                    {l.state === 'closed' && (
                      <TextButton size="sm" onClick={() => settle(l, 'open')}>
                        open again
                      </TextButton>
                    )}
                  </Flex>
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      {r.lines.length === 0 && <Text textStyle="label">Nobody was asked.</Text>}
    </Box>
  );
}
