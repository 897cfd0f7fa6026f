import { Span, Table } from '@chakra-ui/react';
import type { Action } from '@/core/decision';
import { plainDate } from '../format';

/** What is to be done, by whom, by when. */
export function ActionsTable({ actions }: { readonly actions: readonly Action[] }) {
  return (
    <Table.Root size="sm" aria-label="Actions" data-testid="actions">
      <Table.Header>
        <Table.Row>
          <Table.ColumnHeader>What</Table.ColumnHeader>
          <Table.ColumnHeader>Who</Table.ColumnHeader>
          <Table.ColumnHeader>By</Table.ColumnHeader>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {actions.map((a) => (
          <Table.Row key={`${a.what} ${a.by}`}>
            <Table.Cell>{a.what}</Table.Cell>
            <Table.Cell>{a.owner === '' ? <Span color="fg.muted">nobody yet</Span> : a.owner}</Table.Cell>
            <Table.Cell>{a.by === '' ? <Span color="fg.muted">no date</Span> : plainDate(a.by)}</Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}
