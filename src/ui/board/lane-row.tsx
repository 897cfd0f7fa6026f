'use client';
import { Box } from '@chakra-ui/react';
import { FigureButton, TextButton } from '../kit';
import type { WhiskerScales } from './whisker-scales';
import { memo } from 'react';
import type { BoardLane, Cell } from '@/core/comparison/board';
import type { FeatureCall, LanePart } from '@/core/part';
import { laneWords } from '@/core/catalogue/routes';
import type { Status } from '@/core/screening';
import { differenceTo } from '@/core/study/workings';
import { STATUS_WORDS, Mark } from '../marks/mark';
import { roomPercent } from '../marks/spare';
import { Emblem } from '../marks/emblem';
import { fixed, perPart, signed, weeks, whole } from '../format';
import { useUnits } from '../preferences';
import type { DrawnFigure, LaneSpread } from '@/core/simulation';
import { allInSpread, firstArticleSpread, totalSpread } from './spread-cells';
import { FigureCell } from './figure-cell';
import { findingValue } from './finding-words';

/** What the differences on the lanes are shown against. */
export interface Against {
  readonly laneId: string;
  readonly allIn: number;
  readonly tooling: number;
  readonly firstArticle_d: number;
}

/** What a lane answers to; each keeps its identity while the rail moves. */
export interface LaneActs {
  /** Opens the working of a figure, or the reasons where there is no figure. */
  readonly onOpen: (laneId: string, figure: string | null) => void;
  /** Opens what the draws say of a figure. */
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
  readonly onPin: (laneId: string) => void;
  readonly onExpand: (routeId: string) => void;
}

export interface LaneRowProps extends LaneActs {
  readonly lane: BoardLane;
  readonly part: LanePart | null;
  readonly leader: boolean;
  readonly against: Against | null;
  readonly pinned: boolean;
  readonly sub: boolean;
  readonly others: number;
  readonly expanded: boolean;
  readonly currency: string;
  /** Ranking methods that put it first, as a few words; empty for none. */
  readonly firstBy: string;
  /** What the draws say of this lane; null where nothing is drawn or the spread is hidden. */
  readonly spread: LaneSpread | null;
  readonly scales: WhiskerScales | null;
}

/** One surviving lane: its name and verdict, six columns, differences small under the figures. */
export const LaneRow = memo(function LaneRow(props: LaneRowProps) {
  const { lane, leader, against, pinned, sub, currency, spread, scales, onOpen, onSpread } = props;
  const { money, dates, cells } = lane;
  if (money === null || dates === null) return null;
  const self = against === null || against.laneId === lane.id;
  const { route } = laneWords(lane.id);
  const own = (cell: Cell) => ({
    laneId: lane.id,
    status: cell.status,
    why: cell.reason,
    room: roomPercent(cell.spare),
    onOpen,
  });
  return (
    <div
      className={`lane lane-grid${leader ? ' is-leader' : ''}${pinned ? ' is-pinned' : ''}${sub ? ' is-sub' : ''}`}
      role="row"
      data-glide={sub ? undefined : lane.routeId}
      data-lane={lane.id}
      data-leader={leader || undefined}
    >
      <KeyCell
        laneId={lane.id}
        routeId={lane.routeId}
        name={lane.name}
        variantName={lane.variantName}
        status={lane.status}
        sub={sub}
        others={props.others}
        expanded={props.expanded}
        positions={money.plan.n}
        layoutOverridden={lane.layoutOverridden}
        firstBy={props.firstBy}
        onOpen={onOpen}
        onExpand={props.onExpand}
      />
      <FigureCell
        {...own(cells.quantity)}
        column="quantity"
        text={dates.yearWorkdays === null ? 'any' : shortCount(dates.yearWorkdays)}
        unit={dates.yearWorkdays === null ? '' : 'days'}
        figure={dates.yearWorkdays === null ? 'goodPerDay' : 'yearWorkdays'}
        label={`${route}, working days for a year’s parts`}
        after={`${shortCount(dates.time.goodPerDay)} a day`}
      />
      <FigureCell
        {...own(cells.tooling)}
        column="tooling"
        text={whole(money.tooling)}
        unit={currency}
        figure="tooling"
        label={`${route}, tooling`}
        secondText={self ? undefined : signed(money.tooling - against.tooling, 0)}
        second={self ? undefined : differenceTo('tooling', against.laneId)}
        secondLabel={`${route}, tooling, the difference`}
        after={money.sets > 0 ? ` ${money.sets + 1} sets` : undefined}
        {...totalSpread(spread, scales, currency)}
        onSpread={onSpread}
      />
      <FigureCell
        {...own(cells.perPart)}
        column="perPart"
        text={perPart(money.allIn)}
        unit={currency}
        figure="allIn"
        label={`${route}, all in a part`}
        diff={self ? (leader ? 'least' : 'the measure') : signed(money.allIn - against.allIn, 2)}
        diffFigure={self ? undefined : differenceTo('allIn', against.laneId)}
        before=" · "
        secondText={perPart(money.unit)}
        second="unit"
        secondLabel={`${route}, price of a part without tools`}
        after=" bare"
        {...allInSpread(spread, scales, currency)}
        onSpread={onSpread}
      />
      <FigureCell
        {...own(cells.leadTime)}
        column="leadTime"
        text={weeks(dates.firstArticle_d)}
        unit="weeks"
        figure="firstArticle"
        label={`${route}, first article`}
        before="all "
        secondText={weeks(dates.lastPart_d)}
        second="lastPart"
        secondLabel={`${route}, last part`}
        after={` wk${slackWords(dates.slack_d)}`}
        {...firstArticleSpread(spread, scales)}
        onSpread={onSpread}
      />
      <FigureCell
        {...own(cells.alloy)}
        column="alloy"
        text={String(lane.findings.find((f) => f.rule === 'dr-alloy-route')?.value ?? '–')}
        figure={null}
        label={`${route}, the alloy in this mould`}
        after={environmentWords(lane)}
      />
      <ToleranceCell
        laneId={lane.id}
        status={cells.tolerance.status}
        why={cells.tolerance.reason}
        part={props.part}
        onOpen={onOpen}
      />
      <PinCell laneId={lane.id} name={lane.name} pinned={pinned} onPin={props.onPin} />
    </div>
  );
});

/** A count with one digit below ten, none above. */
const shortCount = (x: number): string => (x < 10 ? fixed(x, 1) : whole(x));

/** Days between the first article and the wanted first delivery, in words. */
function slackWords(slack_d: number | null): string {
  if (slack_d === null) return '';
  return slack_d < 0 ? ` · ${whole(Math.ceil(-slack_d))} d late` : ` · ${whole(Math.floor(slack_d))} d in hand`;
}

/** How the bare metal stands where the part lives: "marine 3 of 5". */
function environmentWords(lane: BoardLane): string {
  const found = lane.findings.find((f) => f.rule === 'dr-environment');
  return found?.value == null ? '' : `${found.reason.split(':')[0] ?? ''} ${found.value} of 5`;
}

/** The name of a lane, its verdict, and the way to its other variants. */
const KeyCell = memo(function KeyCell({
  laneId,
  routeId,
  name,
  variantName,
  status,
  sub,
  others,
  expanded,
  positions,
  layoutOverridden,
  firstBy,
  onOpen,
  onExpand,
}: {
  readonly laneId: string;
  readonly routeId: string;
  readonly name: string;
  readonly variantName: string;
  readonly status: Status;
  readonly sub: boolean;
  readonly others: number;
  readonly expanded: boolean;
  readonly positions: number | null;
  readonly layoutOverridden: boolean;
  readonly firstBy: string;
} & Pick<LaneActs, 'onOpen' | 'onExpand'>) {
  const words = laneWords(laneId);
  return (
    <div className="cell key" role="gridcell" tabIndex={-1} data-column="route">
      <TextButton
        tabIndex={-1}
        size="sm"
        onClick={() => onOpen(laneId, null)}
        aria-label={`${name}: ${STATUS_WORDS[status]}. Every reason`}
      >
        <Mark status={status} label={false} />
      </TextButton>
      <div style={{ minWidth: 0 }}>
        <div className="lane-name">
          {sub ? words.variant : words.route}
          {!sub && others > 0 && (
            <TextButton
              tabIndex={-1}
              className="more"
              size="xs"
              aria-expanded={expanded}
              onClick={() => onExpand(routeId)}
            >
              {expanded ? 'fold' : `+${others} more`}
            </TextButton>
          )}
        </div>
        <div className="sub" title={variantName}>
          {!sub && <Emblem laneId={laneId} />}
          {!sub && words.variant}{' '}
          {positions !== null && (
            <FigureButton
              tabIndex={-1}
              textStyle="label"
              aria-label={`${name}: ${positions} in a pour${layoutOverridden ? ', held' : ''}. How that was chosen`}
              onClick={() => onOpen(laneId, 'positions')}
            >
              {positions} a pour{layoutOverridden ? ', held' : ''}
            </FigureButton>
          )}
          {firstBy !== '' && <span className="first-by">first by {firstBy}</span>}
        </div>
      </div>
    </div>
  );
});

/** The last cell: makes a lane the measure of the others. */
const PinCell = memo(function PinCell({
  laneId,
  name,
  pinned,
  onPin,
}: {
  readonly laneId: string;
  readonly name: string;
  readonly pinned: boolean;
} & Pick<LaneActs, 'onPin'>) {
  return (
    <Box className="cell num" _print={{ display: 'none' }} role="gridcell" tabIndex={-1} data-column="pin">
      <TextButton
        tabIndex={-1}
        size="xs"
        aria-pressed={pinned}
        onClick={() => onPin(laneId)}
        aria-label={`${pinned ? 'Unpin' : 'Pin'} ${name}`}
      >
        {pinned ? 'unpin' : 'pin'}
      </TextButton>
    </Box>
  );
});

/** How many dimensions are cast to size and how many are cut, and the one with the least room. */
const ToleranceCell = memo(function ToleranceCell({
  laneId,
  status,
  why,
  part,
  onOpen,
}: {
  readonly laneId: string;
  readonly status: Status;
  readonly why: string;
  readonly part: LanePart | null;
} & Pick<LaneActs, 'onOpen'>) {
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
  return (
    <FigureCell
      laneId={laneId}
      column="tolerance"
      status={status}
      why={why}
      room={tightest === undefined ? null : roomPercent(tightest.feature.tol_mm / tightest.cast_mm - 1)}
      text={calls.length + (part?.holes.length ?? 0) === 0 ? 'none asked' : `${cast} cast, ${cut} cut`}
      figure={null}
      label={`${laneWords(laneId).route}, tolerances`}
      before={sorted > 0 ? `${sorted} sorted${tightest === undefined ? '' : ' · '}` : undefined}
      after={
        tightest === undefined
          ? undefined
          : `${tightest.feature.name || tightest.feature.id} +${findingValue(tightest.feature.tol_mm - tightest.cast_mm, 'mm', units)}`
      }
      onOpen={onOpen}
    />
  );
});
