'use client';
import { Table } from '@chakra-ui/react';
import type { Ref } from 'react';
import type { DataTableProps } from './data-table.types';

/** A cell that names its row. */
const ROW_HEAD = { as: 'th', scope: 'row', fontWeight: 'normal' } as const;

/** One row of a table. */
export function OneRow<T>({
  row,
  at,
  of: { columns, rowProps },
  measure,
}: {
  readonly row: T;
  readonly at: number;
  readonly of: DataTableProps<T>;
  readonly measure?: Ref<HTMLTableRowElement>;
}) {
  return (
    <Table.Row ref={measure} data-index={at} aria-rowindex={at + 2} {...rowProps?.(row)}>
      {columns.map((c) => (
        <Table.Cell
          key={c.id}
          verticalAlign="middle"
          {...(c.rowHead ? ROW_HEAD : {})}
          className={c.numeric ? 'num' : undefined}
          {...(c.wide ? { hideBelow: 'md' } : {})}
        >
          {c.cell(row)}
        </Table.Cell>
      ))}
    </Table.Row>
  );
}
