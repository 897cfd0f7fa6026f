import type { ReactNode } from 'react';

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

/** The rows of a table in their order. */
export type RowsProps<T> = DataTableProps<T> & { readonly ordered: readonly T[] };
