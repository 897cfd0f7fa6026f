'use client';
import { memo, type ReactNode } from 'react';
import type { BoardLane } from '@/core/board';
import type { FeatureCall, LanePart } from '@/core/part';
import { STATUS_WORDS, Mark } from '../marks/mark';
import { Spare, Tone } from '../marks/tone';
import { fixed, perPart, signed, weeks, whole } from '../format';

/** What the differences on the lanes are told against. */
export interface Against {
  readonly laneId: string;
  readonly allIn: number;
  readonly tooling: number;
  readonly firstArticle_d: number;
}

export interface LaneRowProps {
  readonly lane: BoardLane;
  readonly part: LanePart | null;
  readonly leader: boolean;
  readonly against: Against | null;
  readonly pinned: boolean;
  readonly sub: boolean;
  readonly others: number;
  readonly expanded: boolean;
  readonly currency: string;
  readonly onWorking: (laneId: string, figure: string) => void;
  readonly onReasons: (laneId: string) => void;
  readonly onPin: (laneId: string) => void;
  readonly onExpand: (routeId: string) => void;
}

/** One surviving lane: its name and verdict, six columns, differences small under the figures. */
export const LaneRow = memo(function LaneRow(props: LaneRowProps) {
  const { lane, leader, against, pinned, sub, currency, onWorking, onReasons, onPin } = props;
  const { money, dates } = lane;
  if (money === null || dates === null) return null;
  const self = against === null || against.laneId === lane.id;
  const open = (figure: string) => () => onWorking(lane.id, figure);
  return (
    <div
      className={`lane lane-grid${leader ? ' is-leader' : ''}${pinned ? ' is-pinned' : ''}${sub ? ' is-sub' : ''}`}
      role="row"
      data-glide={sub ? undefined : lane.routeId}
      data-lane={lane.id}
      data-leader={leader || undefined}
    >
      <div className="cell key" role="gridcell" tabIndex={-1} data-col="0">
        <button
          type="button"
          tabIndex={-1}
          className="textbtn"
          onClick={() => onReasons(lane.id)}
          aria-label={`${lane.name}: ${STATUS_WORDS[lane.status]}. Every reason`}
        >
          <Mark status={lane.status} label={false} />
        </button>
        <div style={{ minWidth: 0 }}>
          <div className="lane-name">{sub ? lane.variantName : lane.name}</div>
          <div className="sub">
            {!sub && <span>{lane.variantName}</span>}
            {!sub && props.others > 0 && (
              <>
                {' '}
                <button
                  type="button"
                  tabIndex={-1}
                  className="textbtn small"
                  aria-expanded={props.expanded}
                  onClick={() => props.onExpand(lane.routeId)}
                >
                  {props.expanded ? 'fold' : `+ ${props.others} more`}
                </button>
              </>
            )}
          </div>
          {!sub && <Tone laneId={lane.id} />}
        </div>
      </div>
      <Cell
        col={1}
        cap="Quantity"
        spare={lane.cells.quantity.spare}
        mark={lane.cells.quantity.status}
        reason={lane.cells.quantity.reason}
      >
        <Figure onClick={open('goodPerDay')} label={`${lane.name}, working days for a year`}>
          {dates.yearWorkdays === null
            ? fixed(dates.time.goodPerDay, dates.time.goodPerDay < 10 ? 1 : 0)
            : dates.yearWorkdays < 10
              ? fixed(dates.yearWorkdays, 1)
              : whole(dates.yearWorkdays)}
        </Figure>
        <span className="unit">{dates.yearWorkdays === null ? 'a day' : 'd a year'}</span>
        <div className="sub">
          {dates.yearWorkdays === null
            ? ''
            : `${fixed(dates.time.goodPerDay, dates.time.goodPerDay < 10 ? 1 : 0)} a day`}
        </div>
      </Cell>
      <Cell
        col={2}
        cap="Tooling"
        spare={lane.cells.tooling.spare}
        mark={lane.cells.tooling.status}
        reason={lane.cells.tooling.reason}
      >
        <Figure onClick={open('tooling')} label={`${lane.name}, tooling`}>
          {whole(money.tooling)}
        </Figure>
        <span className="unit">{currency}</span>
        <div className="sub">
          {self ? '' : signed(money.tooling - against.tooling, 0)}
          {money.sets > 0 ? ` ${money.sets} more ${money.sets === 1 ? 'set' : 'sets'}` : ''}
        </div>
      </Cell>
      <Cell col={3} cap="Part cost">
        <Figure onClick={open('allIn')} label={`${lane.name}, all in a part`}>
          {perPart(money.allIn)}
        </Figure>
        <span className="unit">{currency}</span>
        <div className="sub">
          {self ? (
            <>{leader ? 'least' : 'compared against'}</>
          ) : (
            <strong className="diff">{signed(money.allIn - against.allIn, 2)}</strong>
          )}
        </div>
        <div className="sub">
          <Figure small onClick={open('unit')} label={`${lane.name}, price of a part without tools`}>
            {perPart(money.unit)}
          </Figure>{' '}
          without tools
        </div>
      </Cell>
      <Cell
        col={4}
        cap="Lead time"
        spare={lane.cells.leadTime.spare}
        mark={lane.cells.leadTime.status}
        reason={lane.cells.leadTime.reason}
      >
        <Figure onClick={open('firstArticle')} label={`${lane.name}, first article`}>
          {weeks(dates.firstArticle_d)}
        </Figure>
        <span className="unit">wk</span>
        <div className="sub">
          all in{' '}
          <Figure small onClick={open('lastPart')} label={`${lane.name}, last part`}>
            {weeks(dates.lastPart_d)}
          </Figure>{' '}
          wk
        </div>
        {dates.slack_d !== null && (
          <div className="sub">
            {dates.slack_d < 0
              ? `${whole(Math.ceil(-dates.slack_d))} d late`
              : `${whole(Math.floor(dates.slack_d))} d in hand`}
          </div>
        )}
      </Cell>
      <Cell col={5} cap="Alloy" mark={lane.cells.alloy.status} reason={lane.cells.alloy.reason} spare={null}>
        <button type="button" tabIndex={-1} className="fig" onClick={() => onReasons(lane.id)}>
          {FIT_WORDS[lane.findings.find((f) => f.rule === 'dr-alloy-route')?.value as string] ?? '–'}
        </button>
      </Cell>
      <ToleranceCell lane={lane} part={props.part} onReasons={onReasons} />
      <div className="cell num no-print" role="gridcell" tabIndex={-1} data-col="7">
        <button
          type="button"
          tabIndex={-1}
          className="textbtn small"
          aria-pressed={pinned}
          onClick={() => onPin(lane.id)}
          aria-label={`${pinned ? 'Unpin' : 'Pin'} ${lane.name}`}
        >
          {pinned ? 'unpin' : 'pin'}
        </button>
      </div>
    </div>
  );
});

const FIT_WORDS: Readonly<Record<string, string>> = {
  usual: 'usual',
  possible: 'possible',
  special: 'special',
  no: 'no',
};

function Figure({
  children,
  onClick,
  label,
  small = false,
}: {
  children: ReactNode;
  onClick: () => void;
  label: string;
  small?: boolean;
}) {
  return (
    <button
      type="button"
      tabIndex={-1}
      className="fig"
      style={small ? { fontSize: 12, fontWeight: 500 } : undefined}
      onClick={onClick}
      title={`${label}: open the working`}
    >
      {children}
    </button>
  );
}

function Cell({
  col,
  cap,
  children,
  spare = null,
  mark,
  reason,
}: {
  col: number;
  cap: string;
  children: ReactNode;
  spare?: number | null;
  mark?: BoardLane['status'];
  reason?: string;
}) {
  return (
    <div className="cell num" role="gridcell" tabIndex={-1} data-col={col} title={reason}>
      <span className="cap">{cap}</span>
      {mark !== undefined && mark !== 'fits' && (
        <span style={{ marginRight: 4, verticalAlign: '-2px', display: 'inline-block' }}>
          <Mark status={mark} size={12} />
        </span>
      )}
      {children}
      <Spare spare={spare} />
    </div>
  );
}

function ToleranceCell({
  lane,
  part,
  onReasons,
}: {
  lane: BoardLane;
  part: LanePart | null;
  onReasons: (laneId: string) => void;
}) {
  const calls = part?.features ?? [];
  const cast = calls.filter((c) => c.verdict === 'as-cast').length;
  const cut =
    calls.filter((c) => c.verdict === 'machine').length +
    (part?.holes.filter((h) => h.operations.length > 0).length ?? 0);
  const sorted = calls.filter((c) => c.verdict === 'cast-sorted').length;
  const tightest = calls
    .filter((c): c is FeatureCall & { cast_mm: number } => c.verdict === 'as-cast' && c.cast_mm !== null)
    .sort((a, b) => a.feature.tol_mm / a.cast_mm - b.feature.tol_mm / b.cast_mm)[0];
  const cell = lane.cells.tolerance;
  return (
    <div className="cell num" role="gridcell" tabIndex={-1} data-col="6" title={cell.reason}>
      <span className="cap">Tolerance</span>
      {cell.status !== 'fits' && (
        <span style={{ marginRight: 4, verticalAlign: '-2px', display: 'inline-block' }}>
          <Mark status={cell.status} size={12} />
        </span>
      )}
      <button type="button" tabIndex={-1} className="fig" onClick={() => onReasons(lane.id)}>
        {cast} cast, {cut} cut
      </button>
      <div className="sub">
        {sorted > 0 && `${sorted} sorted `}
        {tightest !== undefined &&
          `${tightest.feature.name || tightest.feature.id} +${fixed(tightest.feature.tol_mm - tightest.cast_mm, 2)} mm`}
      </div>
      <Spare spare={tightest === undefined ? null : Math.min(1, tightest.feature.tol_mm / tightest.cast_mm - 1)} />
    </div>
  );
}
