'use client';
import { Unit } from '../kit';
import { memo } from 'react';
import { columnTitle, type BoardColumn } from '@/core/comparison/board';
import type { Status } from '@/core/screening';
import { Mark } from '../marks/mark';
import type { Band, DrawnFigure } from '@/core/simulation';
import { Spare } from '../marks/spare';
import { Whisker, type WhiskerScale } from '../simulation/whisker';

export interface FigureCellProps {
  readonly laneId: string;
  /** Its column, named in the cell where the head is not shown (narrow screens). */
  readonly column: BoardColumn;
  readonly status?: Status;
  /** Why the cell stands as it does. */
  readonly why?: string | undefined;
  /** Room left in per cent of the limit, negative for a lack; null draws none. */
  readonly room?: number | null;
  readonly text: string;
  readonly unit?: string;
  /** Name of the figure whose working opens; null opens the reasons instead. */
  readonly figure: string | null;
  /** What the figure is, for the pointer that rests on it. */
  readonly label: string;
  /** The line below: a difference in bold, words, a second figure, words. */
  readonly diff?: string | undefined;
  /** Figure behind the difference, where there is one. */
  readonly diffFigure?: string | undefined;
  readonly before?: string | undefined;
  readonly secondText?: string | undefined;
  readonly second?: string | undefined;
  readonly secondLabel?: string | undefined;
  readonly after?: string | undefined;
  /** What the draws say of the figure, on the scale of its column, and a few words of it. */
  readonly band?: Band | undefined;
  readonly scale?: WhiskerScale | null;
  readonly bandWords?: string;
  readonly sure?: string | undefined;
  /** What the draws are of, and what opens how they came out. */
  readonly drawn?: DrawnFigure;
  readonly onSpread?: (laneId: string, drawn: DrawnFigure) => void;
  readonly onOpen: (laneId: string, figure: string | null) => void;
}

/**
 * One cell of the board: a figure that opens its working, its unit, the room left and a line below.
 * Everything it takes is a plain value, so that dragging the rail draws again only the cells whose words change.
 */
export const FigureCell = memo(function FigureCell(props: FigureCellProps) {
  const { laneId, figure, label, status = 'fits', unit = '', onOpen } = props;
  return (
    <div className="cell num" role="gridcell" tabIndex={-1} data-column={props.column} title={props.why}>
      <span className="cap">{columnTitle(props.column)}</span>
      {status !== 'fits' && (
        <span className="cell-mark">
          <Mark status={status} size={13} />
        </span>
      )}
      <Opener laneId={laneId} figure={figure} label={label} text={props.text} onOpen={onOpen} />
      {unit !== '' && <Unit>{unit}</Unit>}
      <Spare percent={props.room ?? null} />
      <div className="sub">
        {props.diff !== undefined && (
          <strong className="diff">
            {props.diffFigure === undefined ? (
              props.diff
            ) : (
              <Opener
                small
                laneId={laneId}
                figure={props.diffFigure}
                label={`${label}, the difference`}
                text={props.diff}
                onOpen={onOpen}
              />
            )}
          </strong>
        )}
        {props.before}
        {props.second !== undefined && (
          <Opener
            small
            laneId={laneId}
            figure={props.second}
            label={props.secondLabel ?? ''}
            text={props.secondText ?? ''}
            onOpen={onOpen}
          />
        )}
        {props.after}
      </div>
      {props.band !== undefined && props.scale != null && (
        <button
          type="button"
          tabIndex={-1}
          className="spread-link"
          title={`${props.bandWords ?? ''}: open the working`}
          onClick={() => props.drawn !== undefined && props.onSpread?.(laneId, props.drawn)}
        >
          <Whisker band={props.band} scale={props.scale} words={props.bandWords ?? ''} />
          {props.sure !== undefined && <span className="sub">{props.sure}</span>}
        </button>
      )}
    </div>
  );
});

/** A figure on the board that opens what stands behind it. */
function Opener({
  laneId,
  figure,
  label,
  text,
  small = false,
  onOpen,
}: Pick<FigureCellProps, 'laneId' | 'figure' | 'label' | 'text' | 'onOpen'> & { readonly small?: boolean }) {
  return (
    <button
      type="button"
      tabIndex={-1}
      className={small ? 'fig is-small' : 'fig'}
      onClick={() => onOpen(laneId, figure)}
      title={`${label}: open the ${figure === null ? 'reasons' : 'working'}`}
    >
      {text}
    </button>
  );
}
