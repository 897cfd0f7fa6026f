'use client';
import { memo, type ReactNode } from 'react';
import type { BoardLane, Cell as BoardCell } from '@/core/board';
import type { FeatureCall, LanePart } from '@/core/part';
import { laneWords } from '@/core/routes';
import { STATUS_WORDS, Mark } from '../marks/mark';
import { Spare, Tone } from '../marks/tone';
import { fixed, perPart, signed, weeks, whole } from '../format';
import { useUnits } from '../preferences';
import { findingValue } from './finding-words';

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
  const words = laneWords(lane.id);
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
          <div className="lane-name">{sub ? words.variant : words.route}</div>
          <div className="sub" title={lane.variantName}>
            {!sub && <Tone laneId={lane.id} />}
            {!sub && words.variant}
            {!sub && props.others > 0 && (
              <button
                type="button"
                tabIndex={-1}
                className="textbtn small more"
                aria-expanded={props.expanded}
                onClick={() => props.onExpand(lane.routeId)}
              >
                {props.expanded ? 'fold' : `+${props.others} more`}
              </button>
            )}
          </div>
        </div>
      </div>
      <Cell
        col={1}
        cap="Quantity"
        cell={lane.cells.quantity}
        figure={
          <Figure
            onClick={open(dates.yearWorkdays === null ? 'goodPerDay' : 'yearWorkdays')}
            label={`${words.route}, working days for a year’s parts`}
          >
            {dates.yearWorkdays === null ? 'any' : shortCount(dates.yearWorkdays)}
          </Figure>
        }
        unit={dates.yearWorkdays === null ? '' : 'days'}
      >
        <div className="sub">{shortCount(dates.time.goodPerDay)} a day</div>
      </Cell>
      <Cell
        col={2}
        cap="Tooling"
        cell={lane.cells.tooling}
        figure={
          <Figure onClick={open('tooling')} label={`${words.route}, tooling`}>
            {whole(money.tooling)}
          </Figure>
        }
        unit={currency}
      >
        <div className="sub">
          {self ? '' : signed(money.tooling - against.tooling, 0)}
          {money.sets > 0 ? ` ${money.sets + 1} sets` : ''}
        </div>
      </Cell>
      <Cell
        col={3}
        cap="Part cost"
        cell={lane.cells.perPart}
        figure={
          <Figure onClick={open('allIn')} label={`${words.route}, all in a part`}>
            {perPart(money.allIn)}
          </Figure>
        }
        unit={currency}
      >
        <div className="sub">
          {self ? (
            <strong className="diff">{leader ? 'least' : 'the measure'}</strong>
          ) : (
            <strong className="diff">{signed(money.allIn - against.allIn, 2)}</strong>
          )}
          {' · '}
          <Figure small onClick={open('unit')} label={`${words.route}, price of a part without tools`}>
            {perPart(money.unit)}
          </Figure>{' '}
          bare
        </div>
      </Cell>
      <Cell
        col={4}
        cap="Lead time"
        cell={lane.cells.leadTime}
        figure={
          <Figure onClick={open('firstArticle')} label={`${words.route}, first article`}>
            {weeks(dates.firstArticle_d)}
          </Figure>
        }
        unit="weeks"
      >
        <div className="sub">
          all{' '}
          <Figure small onClick={open('lastPart')} label={`${words.route}, last part`}>
            {weeks(dates.lastPart_d)}
          </Figure>{' '}
          wk
          {dates.slack_d !== null &&
            (dates.slack_d < 0
              ? ` · ${whole(Math.ceil(-dates.slack_d))} d late`
              : ` · ${whole(Math.floor(dates.slack_d))} d in hand`)}
        </div>
      </Cell>
      <Cell
        col={5}
        cap="Alloy"
        cell={lane.cells.alloy}
        figure={
          <button type="button" tabIndex={-1} className="fig" onClick={() => onReasons(lane.id)}>
            {String(lane.findings.find((f) => f.rule === 'dr-alloy-route')?.value ?? '–')}
          </button>
        }
        unit=""
      >
        <div className="sub">{environmentWords(lane)}</div>
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

/** A count with one digit below ten, none above. */
const shortCount = (x: number): string => (x < 10 ? fixed(x, 1) : whole(x));

/** How the bare metal stands where the part lives: "marine 3 of 5". */
function environmentWords(lane: BoardLane): string {
  const found = lane.findings.find((f) => f.rule === 'dr-environment');
  return found?.value == null ? '' : `${found.reason.split(':')[0] ?? ''} ${found.value} of 5`;
}

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
  cell,
  figure,
  unit,
  children,
}: {
  col: number;
  cap: string;
  cell?: BoardCell;
  figure: ReactNode;
  unit: string;
  children: ReactNode;
}) {
  return (
    <div className="cell num" role="gridcell" tabIndex={-1} data-col={col} title={cell?.reason}>
      <span className="cap">{cap}</span>
      {cell !== undefined && cell.status !== 'fits' && (
        <span className="cell-mark">
          <Mark status={cell.status} size={13} />
        </span>
      )}
      {figure}
      {unit !== '' && <span className="unit">{unit}</span>}
      <Spare spare={cell?.spare ?? null} />
      {children}
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
  const [units] = useUnits();
  const calls = part?.features ?? [];
  const cast = calls.filter((c) => c.verdict === 'as-cast').length;
  const cut =
    calls.filter((c) => c.verdict === 'machine').length +
    (part?.holes.filter((h) => h.operations.length > 0).length ?? 0);
  const sorted = calls.filter((c) => c.verdict === 'cast-sorted').length;
  const tightest = calls
    .filter((c): c is FeatureCall & { cast_mm: number } => c.verdict === 'as-cast' && c.cast_mm !== null)
    .sort((a, b) => a.feature.tol_mm / a.cast_mm - b.feature.tol_mm / b.cast_mm)[0];
  const spare = tightest === undefined ? null : Math.min(1, tightest.feature.tol_mm / tightest.cast_mm - 1);
  return (
    <Cell
      col={6}
      cap="Tolerance"
      cell={{ ...lane.cells.tolerance, spare }}
      figure={
        <button type="button" tabIndex={-1} className="fig" onClick={() => onReasons(lane.id)}>
          {cast} cast, {cut} cut
        </button>
      }
      unit=""
    >
      <div className="sub">
        {sorted > 0 && `${sorted} sorted · `}
        {tightest !== undefined &&
          `${tightest.feature.name || tightest.feature.id} +${findingValue(tightest.feature.tol_mm - tightest.cast_mm, 'mm', units)}`}
      </div>
    </Cell>
  );
}
