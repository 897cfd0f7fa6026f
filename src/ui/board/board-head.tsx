'use client';
import { VisuallyHidden } from '@chakra-ui/react';
import { memo } from 'react';
import { BOARD_COLUMNS, WORKDAYS_A_YEAR, type BoardColumn } from '@/core/comparison/board';
import { significant } from '../format';
import type { ColumnScales } from './column-scale';

/** Ends of the axis of a column: what its bars begin and end at. */
function ends(column: BoardColumn, scales: ColumnScales, currency: string): readonly [string, string] | null {
  if (column === 'alloy') return ['0', '5'];
  if (column === 'tolerance') return ['0', '100 %'];
  const scale = scales[column];
  if (scale === null) return null;
  const say = (x: number): string => significant(column === 'leadTime' ? x / 7 : x, 3);
  const unit = { quantity: 'd', tooling: currency, perPart: currency, leadTime: 'wk' }[column];
  return [say(scale.from), `${scale.log ? 'log ' : ''}${say(scale.to)} ${unit}`];
}

/** Heads of the columns: what stands in each, and the axis its bars are drawn on. */
export const BoardHead = memo(function BoardHead({
  scales,
  currency,
}: {
  readonly scales: ColumnScales;
  readonly currency: string;
}) {
  return (
    <div role="row" data-grid="" data-head="">
      {BOARD_COLUMNS.map(({ id: column, title, under }) => {
        const axis = column === 'route' || column === 'pin' ? null : ends(column, scales, currency);
        return (
          <div
            key={column}
            role="columnheader"
            title={column === 'quantity' ? `of ${WORKDAYS_A_YEAR} working days` : undefined}
          >
            {title === '' ? <VisuallyHidden>Compare</VisuallyHidden> : <div data-title="">{title}</div>}
            {under !== '' && <div data-under="">{under}</div>}
            {axis !== null && (
              <div data-axis="">
                <span>{axis[0]}</span>
                <span>{axis[1]}</span>
              </div>
            )}
          </div>
        );
      })}
    </div>
  );
});
