'use client';
import { memo } from 'react';
import { columnTitle, type BoardColumn } from '@/core/comparison/board';
import type { Status } from '@/core/screening';
import type { DrawnFigure } from '@/core/simulation';
import { FigureButton, Unit } from '../kit';
import { Mark } from '../marks/mark';
import { CellBar } from './cell-bar';
import { Opener } from './opener';

export interface FigureCellProps {
  readonly laneId: string;
  /** Its column, named in the cell where the head is not shown (narrow screens). */
  readonly column: BoardColumn;
  readonly status?: Status;
  /** Why the cell stands as it does. */
  readonly why?: string | undefined;
  readonly text: string;
  readonly unit?: string;
  /** Name of the figure whose working opens; null opens the reasons instead. */
  readonly figure: string | null;
  /** What the figure is, for the pointer that rests on it. */
  readonly label: string;
  /** Places on the scale of the column, per mille; see `BarProps`. */
  readonly at?: number | undefined;
  readonly partAt?: number | undefined;
  readonly low?: number | undefined;
  readonly mid?: number | undefined;
  readonly high?: number | undefined;
  readonly limit?: number | undefined;
  readonly barWords?: string | undefined;
  /** The line below: a difference whose working opens, and words. */
  readonly diff?: string | undefined;
  readonly diffFigure?: string | undefined;
  readonly note?: string | undefined;
  /** How sure the figure is, in a few words; pressed, it opens what the simulation says. */
  readonly sure?: string | undefined;
  readonly drawn?: DrawnFigure;
  readonly onSpread?: ((laneId: string, drawn: DrawnFigure) => void) | undefined;
  readonly onOpen: (laneId: string, figure: string | null) => void;
}

/**
 * One cell of the board: a figure that opens its working, its bar on the scale of the column, and a line below.
 * Everything it takes is a plain value, so that dragging the rail draws again only the cells whose words change.
 */
export const FigureCell = memo(function FigureCell(props: FigureCellProps) {
  const { laneId, label, status = 'fits', unit = '', at, diff, diffFigure, onOpen } = props;
  return (
    <div role="gridcell" tabIndex={-1} data-column={props.column} title={props.why}>
      <span data-cap="">{columnTitle(props.column)}</span>
      <div data-value="">
        <span data-figure="">
          {status !== 'fits' && (
            <>
              <Mark status={status} size={13} />{' '}
            </>
          )}
          <Opener laneId={laneId} figure={props.figure} label={label} text={props.text} onOpen={onOpen} />
          {unit !== '' && <Unit>{unit}</Unit>}
        </span>
        {at !== undefined && (
          <CellBar
            at={at}
            part={props.partAt}
            low={props.low}
            mid={props.mid}
            high={props.high}
            limit={props.limit}
            words={props.barWords ?? ''}
          />
        )}
      </div>
      <div data-note="">
        {diff !== undefined && diffFigure !== undefined && (
          <b>
            <Opener
              laneId={laneId}
              figure={diffFigure}
              label={`${label}, the difference`}
              text={diff}
              onOpen={onOpen}
            />
          </b>
        )}
        {diff !== undefined && diffFigure === undefined && <b>{diff}</b>}
        {diff !== undefined && props.note !== undefined && ' · '}
        {props.note}
        {props.sure !== undefined && props.drawn !== undefined && (
          <>
            {(diff !== undefined || props.note !== undefined) && ' · '}
            <Sure laneId={laneId} drawn={props.drawn} text={props.sure} onSpread={props.onSpread} />
          </>
        )}
      </div>
    </div>
  );
});

/** How sure a figure is; pressed, what the simulation says of it. */
function Sure({
  laneId,
  drawn,
  text,
  onSpread,
}: {
  readonly laneId: string;
  readonly drawn: DrawnFigure;
  readonly text: string;
  readonly onSpread: FigureCellProps['onSpread'];
}) {
  return (
    <FigureButton tabIndex={-1} title="Open the simulation of this figure" onClick={() => onSpread?.(laneId, drawn)}>
      {text}
    </FigureButton>
  );
}
