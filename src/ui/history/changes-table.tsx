'use client';
import { Box, Table, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { plainDate } from '../format';
import { FigureButton, Section, Unit } from '../kit';

/** One change that a history tells. */
export interface ToldChange {
  readonly id: number;
  readonly at: string;
  readonly who: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

const SHOWN = 20;

/** Who changed what, when and why, the last first. */
export function History({
  changes,
  wordsOf,
  unitOf,
  valueWords,
  onUndo,
}: {
  readonly changes: readonly ToldChange[];
  /** What a path is, in words. */
  readonly wordsOf: (path: string) => string;
  readonly unitOf: (path: string) => string;
  readonly valueWords: (value: unknown, path: string) => string;
  /** Puts what stood before a change in again, unsaved; absent where nothing is taken back from here. */
  readonly onUndo?: (change: ToldChange) => void;
}) {
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
                  <Table.Cell>{wordsOf(c.path)}</Table.Cell>
                  <Table.Cell textStyle="label">{valueWords(c.was, c.path)}</Table.Cell>
                  <Table.Cell textStyle="label">
                    {valueWords(c.became, c.path)} <Unit>{unitOf(c.path)}</Unit>
                  </Table.Cell>
                  <Table.Cell textStyle="label">
                    {c.why}
                    {onUndo !== undefined && c.path !== 'name' && (
                      <Box>
                        <FigureButton aria-label={`Undo: ${wordsOf(c.path)}`} onClick={() => onUndo(c)}>
                          undo
                        </FigureButton>
                      </Box>
                    )}
                  </Table.Cell>
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
