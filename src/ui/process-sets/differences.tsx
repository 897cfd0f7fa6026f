'use client';
import { Field, Table } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { BOOK_PROCESS, ownProcess, processEntries, type ProcessValue } from '@/core/process-values';
import type { ProcessRef } from '@/core/rates';
import type { ProcessSetSummary } from '@/server/process-sets';
import { signed } from '../format';
import { Choice, PageHead, PageLink } from '../kit';
import { useUnits } from '../preferences';
import { knownWords, pathWords, unitWords, valueWords } from './value-words';

const likely = (value: ProcessValue | undefined): number | null =>
  typeof value === 'number' ? value : typeof value === 'object' ? value[1] : null;

/** Every value in which two sets differ, side by side, with how each is known. */
export function ProcessDifferences({
  here,
  there,
  sets,
}: {
  readonly here: ProcessRef;
  readonly there: ProcessRef;
  readonly sets: readonly ProcessSetSummary[];
}) {
  const router = useRouter();
  const [units] = useUnits();
  const found = useMemo(() => {
    const of = ({ own }: ProcessRef) => new Map(processEntries(ownProcess(BOOK_PROCESS, own)).map((e) => [e.path, e]));
    const other = of(there);
    return [...of(here).values()].flatMap((entry) => {
      const value = other.get(entry.path)?.value;
      return value === undefined || JSON.stringify(value) === JSON.stringify(entry.value)
        ? []
        : [{ entry, there: value }];
    });
  }, [here, there]);
  const how = (set: ProcessRef, path: string): string => {
    const own = set.own[path];
    return own === undefined ? 'of the book' : knownWords(own);
  };
  return (
    <>
      <PageHead
        title={here.name}
        ways={
          <>
            <PageLink href="/process-values">All sets</PageLink>
            <PageLink href={`/process-values/${here.id}`}>The set</PageLink>
          </>
        }
      >
        {found.length === 0
          ? 'No value differs.'
          : `${found.length} ${found.length === 1 ? 'value differs' : 'values differ'}.`}
      </PageHead>
      <Field.Root maxW="20rem" mb="3">
        <Field.Label>Compared with</Field.Label>
        <Choice
          options={sets.filter((s) => s.id !== here.id).map((s) => [s.id, s.name])}
          value={there.id}
          onChange={(e) => router.push(`/process-values/${here.id}/differences?with=${e.target.value}`)}
        />
      </Field.Root>
      {found.length > 0 && (
        <Table.ScrollArea tabIndex={0}>
          <Table.Root size="sm" aria-label="Differences">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Value</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{there.name}</Table.ColumnHeader>
                <Table.ColumnHeader className="num">{here.name}</Table.ColumnHeader>
                <Table.ColumnHeader>Unit</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Likely value differs by</Table.ColumnHeader>
                <Table.ColumnHeader>How it is known</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {found.map(({ entry, there: other }) => {
                const [a, b] = [likely(other), likely(entry.value)];
                return (
                  <Table.Row key={entry.path}>
                    <Table.Cell>
                      <PageLink href={`/process-values/${here.id}#${encodeURIComponent(entry.path)}`}>
                        {pathWords(entry.path)}
                      </PageLink>
                    </Table.Cell>
                    <Table.Cell className="num">{valueWords(other, entry.unit, units)}</Table.Cell>
                    <Table.Cell className="num">{valueWords(entry.value, entry.unit, units)}</Table.Cell>
                    <Table.Cell>{unitWords(entry.unit, units)}</Table.Cell>
                    <Table.Cell className="num">
                      {a === null || b === null || a === 0 ? '' : `${signed(100 * (b / a - 1), 1)} %`}
                    </Table.Cell>
                    <Table.Cell textStyle="label">{how(here, entry.path)}</Table.Cell>
                  </Table.Row>
                );
              })}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
    </>
  );
}
