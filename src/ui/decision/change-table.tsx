'use client';
import { Table } from '@chakra-ui/react';
import type { Change } from '@/core/decision';
import { figure } from '@/core/explanation';
import { useUnits } from '../preferences';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';
import { changeName, changeValue } from './change-words';

/** What is no longer as it was, side by side. */
export function ChangeTable({
  changes,
  was = 'Was',
  is = 'Is',
  studyAt,
}: {
  readonly changes: readonly Change[];
  readonly was?: string;
  readonly is?: string;
  /** The studies that figures of the results are opened from. */
  readonly studyAt?: { readonly was: StudyAt | undefined; readonly is: StudyAt };
}) {
  const [units] = useUnits();
  const shown = (c: Change, side: 'was' | 'is') => {
    const text = changeValue(c.what, c[side], units);
    const from = studyAt?.[side];
    // A lane that has no money there has no working either.
    return c.opens === undefined || from === undefined || text === 'none' ? (
      text
    ) : (
      <Explained explanation={[figure(text, c.opens.laneId, c.opens.figure)]} studyAt={from} />
    );
  };
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>What</Table.ColumnHeader>
            <Table.ColumnHeader>{was}</Table.ColumnHeader>
            <Table.ColumnHeader>{is}</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {changes.map((c) => (
            <Table.Row key={c.what}>
              <Table.Cell>{changeName(c.what)}</Table.Cell>
              <Table.Cell>{shown(c, 'was')}</Table.Cell>
              <Table.Cell>{shown(c, 'is')}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
