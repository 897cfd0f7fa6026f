'use client';
import { Button, Field, Flex, Input, Table, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { lotSize } from '@/core/brief';
import { shortName } from '@/core/catalogue/routes';
import type { TravellerLine } from '@/server/travellers';
import { call, failureWords } from '../api';
import { DateInput } from '../fields/date-input';
import { plainDate, whole } from '../format';
import { PageLink, Section } from '../kit';
import { ownName } from '../study/autosave';
import { useQuantity, useStudy } from '../study/study-context';

const SILENT = 'The server does not answer; nothing was issued.';

/** Sheets issued for lots of this part, and a way to issue one. */
export function Travellers({ laneId }: { readonly laneId: string }) {
  const { id, brief, orderDate, saveState } = useStudy('id', 'brief', 'orderDate', 'saveState');
  const { q } = useQuantity();
  const [list, setList] = useState<readonly TravellerLine[] | null>(null);
  const [good, setGood] = useState(() => String(Math.round(Math.min(lotSize(brief, q), 1_000_000))));
  const [start, setStart] = useState(orderDate);
  const [who, setWho] = useState(() => ownName());
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const [loads, setLoads] = useState(0);
  useEffect(() => {
    let left = false;
    call<TravellerLine[]>('GET', `/api/studies/${id}/travellers`).then(
      (found) => !left && setList(found),
      () => !left && setList([]),
    );
    return () => {
      left = true;
    };
  }, [id, loads]);
  const issue = async (): Promise<void> => {
    const pieces = Number(good.replace(/[\s,]/g, ''));
    if (!Number.isInteger(pieces) || pieces < 1)
      return setProblem(`Good pieces, “${good}”: a whole number from 1 to 1,000,000 is wanted.`);
    if (who.trim() === '') return setProblem('Issued by is empty: a name is wanted.');
    setBusy(true);
    setProblem('');
    try {
      await call('POST', `/api/studies/${id}/travellers`, { laneId, good: pieces, startDate: start, who });
      setLoads((n) => n + 1);
    } catch (error) {
      setProblem(failureWords(error, SILENT));
    } finally {
      setBusy(false);
    }
  };
  const unsaved = saveState !== 'saved';
  return (
    <Section title="Travellers" under="the sheet that goes with a lot" data-testid="travellers">
      <Flex gap="4" alignItems="flex-end" flexWrap="wrap" my="2" _print={{ display: 'none' }}>
        <Field.Root width="8rem">
          <Field.Label>Good pieces</Field.Label>
          <Input size="sm" inputMode="numeric" value={good} onChange={(e) => setGood(e.target.value)} />
        </Field.Root>
        <Field.Root width="11rem">
          <Field.Label>Start</Field.Label>
          <DateInput label="Start" value={start} onTake={setStart} />
        </Field.Root>
        <Field.Root width="12rem">
          <Field.Label>Issued by</Field.Label>
          <Input size="sm" autoComplete="name" maxLength={80} value={who} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        <Button size="sm" loading={busy} disabled={unsaved} onClick={() => void issue()}>
          Issue a traveller
        </Button>
      </Flex>
      {problem !== '' && (
        <Text role="alert" color="alarm">
          {problem}
        </Text>
      )}
      {list !== null && list.length === 0 && <Text textStyle="label">None was issued yet.</Text>}
      {list !== null && list.length > 0 && (
        <Table.ScrollArea tabIndex={0}>
          <Table.Root size="sm" aria-label="Travellers of this study">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Lot</Table.ColumnHeader>
                <Table.ColumnHeader>Route</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Good pieces</Table.ColumnHeader>
                <Table.ColumnHeader>Start</Table.ColumnHeader>
                <Table.ColumnHeader>Issued</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Ticked</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {list.map((t) => (
                <Table.Row key={t.id}>
                  <Table.Cell>
                    <PageLink href={`/travellers/${t.id}`}>Lot {t.number}</PageLink>
                  </Table.Cell>
                  <Table.Cell>{shortName(t.laneId)}</Table.Cell>
                  <Table.Cell className="num">{whole(t.good)}</Table.Cell>
                  <Table.Cell>{plainDate(t.startDate)}</Table.Cell>
                  <Table.Cell>
                    {plainDate(t.issuedAt.slice(0, 10))}, {t.issuedBy}
                  </Table.Cell>
                  <Table.Cell className="num">{whole(t.ticks)}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
    </Section>
  );
}
