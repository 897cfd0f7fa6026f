'use client';
import { Box, Table, Text } from '@chakra-ui/react';
import { FigureButton, Section, Unit } from '../kit';
import { useMemo, useState } from 'react';
import { rateEntries, SHIPPED_RATES } from '@/core/rates';
import type { RateChange } from '@/server/rates';
import { plainDate } from '../format';
import { figureWords, lanePartName } from './rate-words';

const ENTRIES = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const SHOWN = 20;

const OTHER_WORDS: Readonly<Record<string, string>> = {
  'calendar.holidays': 'holidays',
  'currency.code': 'currency',
  name: 'name of the set',
};

/** What a path is, in words. */
function pathWords(path: string): string {
  const entry = ENTRIES.get(path);
  if (entry === undefined) return OTHER_WORDS[path] ?? path;
  return [lanePartName(entry.part), entry.of, entry.words].filter((x) => x !== null && x !== '').join(': ');
}

/** Who changed what in a set, when and why, the last first. */
export function History({ changes }: { readonly changes: readonly RateChange[] }) {
  const [all, setAll] = useState(false);
  const shown = useMemo(() => (all ? changes : changes.slice(0, SHOWN)), [all, changes]);
  return (
    <Section title="Changes" under="latest first">
      {changes.length === 0 ? (
        <Text>None yet: every figure is as copied.</Text>
      ) : (
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Changes of this set">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>When, who</Table.ColumnHeader>
                <Table.ColumnHeader>What</Table.ColumnHeader>
                <Table.ColumnHeader>Was</Table.ColumnHeader>
                <Table.ColumnHeader>Became</Table.ColumnHeader>
                <Table.ColumnHeader>Why</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {shown.map((c) => (
                <Table.Row key={c.id}>
                  <Table.Cell textStyle="label">
                    {plainDate(c.at)} {c.at.slice(11, 16)} UTC
                    <Box color="fg.muted">{c.who}</Box>
                  </Table.Cell>
                  <Table.Cell>{pathWords(c.path)}</Table.Cell>
                  <Table.Cell textStyle="label">{figureWords(c.was)}</Table.Cell>
                  <Table.Cell textStyle="label">
                    {figureWords(c.became)} <Unit>{ENTRIES.get(c.path)?.unit ?? ''}</Unit>
                  </Table.Cell>
                  <Table.Cell textStyle="label">{c.why}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
          {changes.length > SHOWN && (
            <FigureButton textStyle="label" onClick={() => setAll(!all)}>
              {all ? `Show only the last ${SHOWN}` : `Show all ${changes.length}`}
            </FigureButton>
          )}
        </Table.ScrollArea>
      )}
    </Section>
  );
}
