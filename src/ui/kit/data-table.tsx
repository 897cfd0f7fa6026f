'use client';
import { Button, Table, VisuallyHidden } from '@chakra-ui/react';
import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
  type Row,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState, type ReactNode } from 'react';
import { late } from '../late';
import { OneRow } from './data-row';
import type { DataColumn, DataSort, DataTableProps, RowsProps } from './data-table.types';

export type { DataColumn, DataSort, DataTableProps } from './data-table.types';

/** A long list waits for what makes its rows as they come into sight. */
const WindowedRows = late(() => import('./windowed-rows').then((m) => m.WindowedRows)) as <T extends object>(
  props: RowsProps<T>,
) => ReactNode;

const FEATURES = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
type Features = typeof FEATURES;

/** A table without a head that can be pressed is scrolled sideways by keys all the same. */
const SCROLLED_BY_KEYS = { tabIndex: 0 } as const;

/** More rows than this are made only while they are near the window. */
const VIRTUAL_FROM = 120;
/** Text by the alphabet, figures by size, nothing last whichever way. */
export function compareCells(a: string | number | null, b: string | number | null, up: boolean): number {
  if (a === null || b === null) return a === b ? 0 : (a === null) === up ? 1 : -1;
  return typeof a === 'number' && typeof b === 'number'
    ? a - b
    : String(a).localeCompare(String(b), 'en', { numeric: true });
}

/** A list in columns that sorts and grows: rows out of sight are not made. */
export function DataTable<T extends object>(props: DataTableProps<T>) {
  const { columns, rows, rowKey, onSort, downFirst = [] } = props;
  const [own, setOwn] = useState<DataSort | null>(props.sort ?? null);
  const sort = onSort === undefined ? own : (props.sort ?? null);
  const defs = useMemo<ColumnDef<Features, T>[]>(
    () =>
      columns.map((c) => ({
        id: c.id,
        accessorFn: (row: T) => c.sort?.(row) ?? null,
        enableSorting: c.sort !== undefined,
        sortFn: (a: Row<Features, T>, b: Row<Features, T>, id: string) =>
          compareCells(a.getValue(id), b.getValue(id), sort?.up ?? true),
      })),
    [columns, sort],
  );
  const table = useTable<Features, T>({
    features: FEATURES,
    columns: defs,
    data: rows,
    getRowId: rowKey,
    manualSorting: onSort !== undefined,
    state: { sorting: sort === null ? [] : [{ id: sort.id, desc: !sort.up }] },
  });
  const press = (id: string): void => {
    const next = { id, up: sort?.id === id ? !sort.up : !downFirst.includes(id) };
    if (onSort === undefined) setOwn(next);
    else onSort(next);
  };
  const sortable = onSort !== undefined || columns.some((c) => c.sort !== undefined);
  const ordered = table.getRowModel().rows;
  const Body = ordered.length > VIRTUAL_FROM ? WindowedRows : PlainRows;
  return (
    <Table.ScrollArea {...(sortable ? {} : SCROLLED_BY_KEYS)}>
      <Table.Root size="md" interactive aria-label={props.label} aria-rowcount={rows.length + 1}>
        <Table.Header>
          <Table.Row>
            {columns.map((c) => (
              <Table.ColumnHeader
                key={c.id}
                className={c.numeric ? 'num' : undefined}
                {...(c.wide ? { hideBelow: 'md' } : {})}
                aria-sort={sort?.id === c.id ? (sort.up ? 'ascending' : 'descending') : undefined}
              >
                <Head column={c} sort={sort} onPress={onSort !== undefined || c.sort !== undefined ? press : null} />
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Body {...props} ordered={ordered.map((row) => row.original)} />
      </Table.Root>
    </Table.ScrollArea>
  );
}

/** The title of a column, and the way to sort by it. */
function Head<T>({
  column: { id, title, name, sort: sorts },
  sort,
  onPress,
}: {
  readonly column: DataColumn<T>;
  readonly sort: DataSort | null;
  readonly onPress: ((id: string) => void) | null;
}) {
  if (onPress === null || sorts === undefined)
    return title === '' || title === null ? <VisuallyHidden>{name}</VisuallyHidden> : title;
  const Arrow = sort?.up ? ArrowUp : ArrowDown;
  return (
    <Button
      variant="plain"
      size="xs"
      height="auto"
      color="inherit"
      fontWeight="inherit"
      textStyle="label"
      onClick={() => onPress(id)}
    >
      {title}
      {sort?.id === id && <Arrow size={12} aria-hidden />}
    </Button>
  );
}

function PlainRows<T extends object>(props: RowsProps<T>) {
  return (
    <Table.Body>
      {props.ordered.map((row, i) => (
        <OneRow key={props.rowKey(row)} row={row} at={i} of={props} />
      ))}
    </Table.Body>
  );
}
