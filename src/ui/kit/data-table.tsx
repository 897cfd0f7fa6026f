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
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useEffect, useMemo, useRef, useState, type ReactNode, type Ref } from 'react';

const FEATURES = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
type Features = typeof FEATURES;

/** A cell that names its row. */
const ROW_HEAD = { as: 'th', scope: 'row', fontWeight: 'normal' } as const;

/** More rows than this are made only while they are near the window. */
const VIRTUAL_FROM = 120;
/** Rows made above and below the window. */
const BEYOND = 12;

export interface DataColumn<T> {
  readonly id: string;
  readonly title: ReactNode;
  /** What the column is called where its title is not plain words, or is empty. */
  readonly name?: string;
  readonly cell: (row: T) => ReactNode;
  /** What the table sorts by; a column without it does not sort. Nothing goes last. */
  readonly sort?: (row: T) => string | number | null;
  readonly numeric?: boolean;
  /** Whether its cells name their rows. */
  readonly rowHead?: boolean;
  /** Left out on narrow screens. */
  readonly wide?: boolean;
}

export interface DataSort {
  readonly id: string;
  readonly up: boolean;
}

export interface DataTableProps<T> {
  readonly label: string;
  readonly columns: readonly DataColumn<T>[];
  readonly rows: readonly T[];
  readonly rowKey: (row: T) => string;
  readonly sort?: DataSort | null;
  /** Given where somebody else sorts (the server): the table then asks, and shows the rows as they come. */
  readonly onSort?: (sort: DataSort) => void;
  /** Columns that first sort downwards: dates and amounts. */
  readonly downFirst?: readonly string[];
  readonly rowProps?: (row: T) => Readonly<Record<string, string | boolean | undefined>>;
  readonly rowHeight?: number;
}

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
  const ordered = table.getRowModel().rows;
  const Body = ordered.length > VIRTUAL_FROM ? WindowedRows : PlainRows;
  return (
    <Table.ScrollArea>
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

type RowsProps<T> = DataTableProps<T> & { readonly ordered: readonly T[] };

function PlainRows<T extends object>(props: RowsProps<T>) {
  return (
    <Table.Body>
      {props.ordered.map((row, i) => (
        <OneRow key={props.rowKey(row)} row={row} at={i} of={props} />
      ))}
    </Table.Body>
  );
}

function WindowedRows<T extends object>(props: RowsProps<T>) {
  const { ordered, rowKey, rowHeight = 41 } = props;
  const body = useRef<HTMLTableSectionElement>(null);
  const [margin, setMargin] = useState(0);
  useEffect(() => {
    if (body.current !== null) setMargin(body.current.getBoundingClientRect().top + window.scrollY);
  }, [ordered]);
  const window_ = useWindowVirtualizer({
    count: ordered.length,
    estimateSize: () => rowHeight,
    overscan: BEYOND,
    scrollMargin: margin,
    initialRect: { width: 1280, height: 900 },
  });
  const items = window_.getVirtualItems();
  const before = (items[0]?.start ?? margin) - margin;
  const after = window_.getTotalSize() - ((items.at(-1)?.end ?? margin) - margin);
  return (
    <Table.Body ref={body}>
      {before > 0 && <Gap height={before} />}
      {items.map((item) => {
        const row = ordered[item.index] as T;
        return <OneRow key={rowKey(row)} row={row} at={item.index} of={props} measure={window_.measureElement} />;
      })}
      {after > 0 && <Gap height={after} />}
    </Table.Body>
  );
}

const Gap = ({ height }: { readonly height: number }) => (
  <tr aria-hidden="true">
    <td style={{ height, padding: 0, border: 0 }} />
  </tr>
);

function OneRow<T>({
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
