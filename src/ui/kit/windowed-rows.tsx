'use client';
import { Table } from '@chakra-ui/react';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import { OneRow } from './data-row';
import type { RowsProps } from './data-table.types';

/** Rows made above and below the window. */
const BEYOND = 12;

/** The rows of a long table: only those near the window are made. */
export function WindowedRows<T extends object>(props: RowsProps<T>) {
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
  <Table.Row aria-hidden="true">
    <Table.Cell height={`${height}px`} p="0" border="0" />
  </Table.Row>
);
