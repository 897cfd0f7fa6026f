'use client';
import { Table, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { ImpliedRate } from '@/core/comparison/quotes';
import { call, failureWords } from '../api';
import { significant } from '../format';
import { TextButton } from '../kit';

/** What each rate would have to be, alone, for the model to ask what the quote asks; worked out when it is asked for. */
export function Implied({
  studyId,
  quoteId,
  q,
}: {
  readonly studyId: string;
  readonly quoteId: string;
  readonly q: number;
}) {
  const [found, setFound] = useState<readonly ImpliedRate[] | string | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = (): void => {
    setBusy(true);
    call<readonly ImpliedRate[]>(
      'GET',
      `/api/studies/${studyId}/quotes/${encodeURIComponent(quoteId)}/implied?q=${Math.max(1, Math.round(q))}`,
    )
      .then(setFound, (error: unknown) => setFound(failureWords(error, 'The server does not answer.')))
      .finally(() => setBusy(false));
  };
  if (found === null)
    return (
      <TextButton size="sm" disabled={busy} onClick={ask}>
        {busy ? 'Looking …' : 'Which rate would explain it?'}
      </TextButton>
    );
  if (typeof found === 'string')
    return (
      <Text color="alarm" role="alert">
        {found} <TextButton onClick={ask}>Ask again</TextButton>
      </Text>
    );
  if (found.length === 0) return <Text textStyle="label">No rate of the model stands behind it.</Text>;
  return (
    <>
      <Table.Root size="sm" aria-label="Implied rates" mt="2">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>This price implies</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Today</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Implied</Table.ColumnHeader>
            <Table.ColumnHeader>Unit</Table.ColumnHeader>
            <Table.ColumnHeader>Within its range</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {found.map((r) => (
            <Table.Row key={r.path}>
              <Table.Cell>{[r.of, r.words].filter(Boolean).join(': ')}</Table.Cell>
              <Table.Cell className="num">{significant(r.now, 4)}</Table.Cell>
              <Table.Cell className="num">{r.implied === null ? 'none does' : significant(r.implied, 4)}</Table.Cell>
              <Table.Cell textStyle="label">{r.unit}</Table.Cell>
              <Table.Cell>{r.implied === null ? '' : r.inBand ? '● yes' : '○ no'}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <Text textStyle="label" color="fg.muted" mt="1">
        Each alone, with every other rate as it is: the rate is moved, from a fifth to five times today’s, until the
        model asks for a piece without its tool what the quote does.
      </Text>
    </>
  );
}
