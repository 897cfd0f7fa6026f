'use client';
import { Button, Flex, Input, Span, Table, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { OpenRequest, QuoteLine } from '@/server/quotes';
import { call } from '../api';
import { plainDate } from '../format';
import { PageHead, PageLink, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { WaitingRequests } from './waiting-requests';

interface Page {
  readonly lines: readonly QuoteLine[];
  readonly more: boolean;
}

/** The hand rests so long before the list is searched, ms. */
const RESTS_MS = 200;

/** Every quote of every study, the latest first, and requests that wait. */
export function QuotesList({
  first,
  asked,
  waiting,
  today,
}: {
  readonly first: Page;
  /** What the first page was searched for. */
  readonly asked: string;
  readonly waiting: readonly OpenRequest[];
  readonly today: string;
}) {
  const [words, setWords] = useState(asked);
  const [page, setPage] = useState(first);
  const [failed, setFailed] = useState(false);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    if (words === asked) {
      queueMicrotask(() => setPage(first));
      return;
    }
    const ending = new AbortController();
    const timer = setTimeout(() => {
      call<Page>('GET', `/api/quotes?words=${encodeURIComponent(words)}`, undefined, { signal: ending.signal }).then(
        (found) => {
          setFailed(false);
          setPage(found);
        },
        () => {
          if (!ending.signal.aborted) setFailed(true);
        },
      );
    }, RESTS_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [words, asked, first]);
  const more = (): void => {
    setBusy(true);
    call<Page>('GET', `/api/quotes?words=${encodeURIComponent(words)}&from=${page.lines.length}`)
      .then(
        (found) => setPage({ lines: [...page.lines, ...found.lines], more: found.more }),
        () => setFailed(true),
      )
      .finally(() => setBusy(false));
  };
  return (
    <>
      <PageHead title="Quotes" ways={<PageLink href="/foundries">Foundries</PageLink>}>
        What foundries asked, over all studies. Each is compared in its study.
      </PageHead>
      {waiting.length > 0 && (
        <Section title="Waiting for an answer" under={`${waiting.length}`}>
          <WaitingRequests waiting={waiting} today={today} />
        </Section>
      )}
      <Flex gap="4" align="center" py="3">
        <Input
          width="20rem"
          aria-label="Search quotes"
          placeholder="Part or foundry"
          maxLength={120}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
        {failed && (
          <Span color="alarm" role="alert">
            The server does not answer; this is the list as it was.
          </Span>
        )}
      </Flex>
      {page.lines.length === 0 ? (
        <Text>{words === '' ? 'No quote yet: ask foundries in a study, under Quotes.' : 'No quote matches.'}</Text>
      ) : (
        <Table.ScrollArea tabIndex={0}>
          <Table.Root size="md" interactive aria-label="Quotes">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Part</Table.ColumnHeader>
                <Table.ColumnHeader>Foundry</Table.ColumnHeader>
                <Table.ColumnHeader>Route</Table.ColumnHeader>
                <Table.ColumnHeader>Given</Table.ColumnHeader>
                <Table.ColumnHeader>Received</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {page.lines.map((l) => (
                <Table.Row key={l.id}>
                  <Table.Cell>
                    <PageLink href={`/studies/${l.studyId}/quotes#quote=${encodeURIComponent(l.id)}`}>
                      {l.title}
                    </PageLink>
                  </Table.Cell>
                  <Table.Cell>
                    {l.supplier}
                    {l.simulated && <Span color="fg.muted"> · simulated desk</Span>}
                    {l.withdrawn && <Span color="alarm"> · withdrawn</Span>}
                  </Table.Cell>
                  <Table.Cell>
                    <Emblem laneId={l.laneId} size={16} /> {shortName(l.laneId)}
                  </Table.Cell>
                  <Table.Cell>{plainDate(l.givenOn)}</Table.Cell>
                  <Table.Cell>{plainDate(l.receivedAt)}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
      {page.more && (
        <Button size="sm" variant="outline" mt="3" disabled={busy} onClick={more}>
          {busy ? 'Fetching …' : 'More'}
        </Button>
      )}
    </>
  );
}
