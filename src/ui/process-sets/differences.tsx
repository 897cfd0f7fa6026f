'use client';
import { Field, Table } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { entryAt, givenValue, ownEntries, type ProcessEntry, type ProcessValue } from '@/core/process-values';
import type { ProcessRef } from '@/core/rates';
import type { ProcessSetSummary } from '@/server/process-sets';
import { signed } from '../format';
import { Choice, PageHead, PageLink } from '../kit';
import { useUnits } from '../preferences';
import { knownWords, pathWords, unitWords, valueWords } from './value-words';

const likely = (value: ProcessValue | undefined): number | null =>
  typeof value === 'number' ? value : typeof value === 'object' ? value[1] : null;

const given = (entry: ProcessEntry | undefined): ProcessValue | null =>
  entry === undefined ? null : givenValue(entry);

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
    const of = ({ own }: ProcessRef) => new Map(ownEntries(own).map((e) => [e.path, e]));
    const [mine, other] = [of(here), of(there)];
    return [...new Set([...mine.keys(), ...other.keys()])].flatMap((path) => {
      const entry = mine.get(path) ?? other.get(path);
      const [was, is] = [given(other.get(path)), given(mine.get(path))];
      return entry === undefined || JSON.stringify(was) === JSON.stringify(is) ? [] : [{ entry, was, is }];
    });
  }, [here, there]);
  const how = (set: ProcessRef, path: string): string => {
    const own = set.own[path];
    if (own !== undefined) return knownWords(own);
    return entryAt(path)?.absent === true ? '' : 'of the book';
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
              {found.map(({ entry, was, is }) => {
                const [a, b] = [was, is].map((x) => (x === null ? null : likely(x)));
                const words = (x: ProcessValue | null): string =>
                  x === null ? 'none' : valueWords(x, entry.unit, units);
                return (
                  <Table.Row key={entry.path}>
                    <Table.Cell>
                      <PageLink href={`/process-values/${here.id}#${encodeURIComponent(entry.path)}`}>
                        {pathWords(entry.path)}
                      </PageLink>
                    </Table.Cell>
                    <Table.Cell className="num">{words(was)}</Table.Cell>
                    <Table.Cell className="num">{words(is)}</Table.Cell>
                    <Table.Cell>{unitWords(entry.unit, units)}</Table.Cell>
                    <Table.Cell className="num">
                      {a == null || b == null || a === 0 ? '' : `${signed(100 * (b / a - 1), 1)} %`}
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
