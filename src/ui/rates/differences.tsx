'use client';
import { Field, Table } from '@chakra-ui/react';
import { Choice, PageHead, PageLink } from '../kit';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { rateDifferences, ratesOf, type RateRef } from '@/core/rates';
import type { RateSetSummary } from '@/server/rates';
import { unitIn } from '../fields/numbers';
import { plainDate, signed } from '../format';
import { useUnits } from '../preferences';
import { figureWords, lanePartName } from './rate-words';

/** Every coefficient in which two sets differ, side by side. */
export function Differences({
  here,
  there,
  sets,
}: {
  readonly here: RateRef;
  readonly there: RateRef;
  readonly sets: readonly RateSetSummary[];
}) {
  const router = useRouter();
  const [units] = useUnits();
  const found = useMemo(() => rateDifferences(ratesOf(there), ratesOf(here)), [here, there]);
  const shut = [here, there].map((s) => s.own.holidays.map(plainDate).join(', ') || 'none');
  return (
    <>
      <PageHead
        title={here.name}
        ways={
          <>
            <PageLink href="/rates">All sets</PageLink>
            <PageLink href={`/rates/${here.id}`}>The set</PageLink>
          </>
        }
      >
        {found.length === 0
          ? 'No figure differs.'
          : `${found.length} ${found.length === 1 ? 'figure differs' : 'figures differ'}.`}
      </PageHead>
      <Field.Root maxW="20rem" mb="3">
        <Field.Label>Compared with</Field.Label>
        <Choice
          options={sets.filter((s) => s.id !== here.id).map((s) => [s.id, s.name])}
          value={there.id}
          onChange={(e) => router.push(`/rates/${here.id}/differences?with=${e.target.value}`)}
        />
      </Field.Root>
      <Table.ScrollArea>
        {(found.length > 0 || shut[0] !== shut[1] || here.currency !== there.currency) && (
          <Table.Root size="sm" aria-label="Differences">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Coefficient</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{there.name}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{here.name}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Likely value differs by</Table.ColumnHeader>
                <Table.ColumnHeader>Unit</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {here.currency !== there.currency && (
                <Table.Row>
                  <Table.Cell>Currency</Table.Cell>
                  <Table.Cell className="num">{there.currency}</Table.Cell>
                  <Table.Cell className="num">{here.currency}</Table.Cell>
                  <Table.Cell />
                  <Table.Cell />
                </Table.Row>
              )}
              {shut[0] !== shut[1] && (
                <Table.Row>
                  <Table.Cell>Holidays</Table.Cell>
                  <Table.Cell className="num">{shut[1]}</Table.Cell>
                  <Table.Cell className="num">{shut[0]}</Table.Cell>
                  <Table.Cell />
                  <Table.Cell />
                </Table.Row>
              )}
              {found.map(({ entry, here: was, there: is, ratio }) => (
                <Table.Row key={entry.path}>
                  <Table.Cell>
                    <PageLink href={`/rates/${here.id}#${encodeURIComponent(entry.path)}`}>
                      {[lanePartName(entry.part), entry.of, entry.words]
                        .filter((x) => x !== null && x !== '')
                        .join(': ')}
                    </PageLink>
                  </Table.Cell>
                  <Table.Cell className="num">{figureWords(was, entry.unit, units)}</Table.Cell>
                  <Table.Cell className="num">{figureWords(is, entry.unit, units)}</Table.Cell>
                  <Table.Cell className="num">
                    {ratio === null ? 'from nothing' : `${signed(100 * (ratio - 1), 1)} %`}
                  </Table.Cell>
                  <Table.Cell textStyle="label" color="fg.muted">
                    {unitIn(entry.unit, units)}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        )}
      </Table.ScrollArea>
    </>
  );
}
