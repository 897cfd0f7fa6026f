'use client';
import { standWords } from './stand-words';
import { memo, useCallback, useState } from 'react';
import { laneWords } from '@/core/catalogue/routes';
import { WORKDAYS_A_YEAR, type BoardLane, type Cell } from '@/core/comparison/board';
import type { LanePart } from '@/core/part';
import { percent, type LaneSpread } from '@/core/simulation';
import { differenceTo } from '@/core/study/workings';
import { fixed, perPart, signed, weeks, whole } from '../format';
import { along, type ColumnScales } from './column-scale';
import { FigureCell } from './figure-cell';
import type { Against, LaneActs } from './lane-acts';
import { LaneName, PinCell } from './lane-name';
import { rangeOf } from './range';
import { ToleranceCell } from './tolerance-cell';

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
  /** Ranking methods that put it first, joined by commas; empty for none. */
  readonly best: string;
  /** What the simulation says of this lane; null where there is none or it is hidden. */
  readonly spread: LaneSpread | null;
  readonly scales: ColumnScales;
}

/** One surviving lane: its name and verdict, and six columns. */
export const LaneRow = memo(function LaneRow(props: LaneRowProps) {
  const { lane, leader, against, pinned, sub, currency, spread, scales, onOpen } = props;
  const { money, dates, cells } = lane;
  // On a phone a lane opens and closes; the leader is open at first.
  const [open, setOpen] = useState(leader);
  const toggle = useCallback(() => setOpen((x) => !x), []);
  if (money === null || dates === null) return null;
  const self = against === null || against.laneId === lane.id;
  const { route } = laneWords(lane.id);
  const own = (cell: Cell) => ({ laneId: lane.id, status: cell.status, why: cell.reason, onOpen });
  const days = dates.yearWorkdays;
  return (
    <div
      role="row"
      data-grid=""
      data-lane={lane.id}
      data-glide={sub ? undefined : lane.routeId}
      data-leader={leader || undefined}
      data-sub={sub || undefined}
      data-open={open || undefined}
    >
      <LaneName
        laneId={lane.id}
        routeId={lane.routeId}
        name={lane.name}
        status={lane.status}
        sub={sub}
        others={props.others}
        expanded={props.expanded}
        positions={money.plan.n}
        layoutOverridden={lane.layoutOverridden}
        best={props.best}
        foundry={[lane.foundry?.name ?? '', ...standWords(lane.stands)].filter(Boolean).join(' · ')}
        watch={watchOf(lane)}
        onOpen={onOpen}
        onExpand={props.onExpand}
        open={open}
        onToggle={toggle}
      />
      <FigureCell
        {...own(cells.quantity)}
        column="quantity"
        text={days === null ? shortCount(dates.time.goodPerDay) : shortCount(days)}
        unit={days === null ? 'a day' : 'days'}
        figure={days === null ? 'goodPerDay' : 'yearWorkdays'}
        label={days === null ? `${route}, good parts a day` : `${route}, working days for a year’s parts`}
        at={days === null || scales.quantity === null ? undefined : along(scales.quantity, days)}
        limit={days === null ? undefined : limitAt(scales.quantity, WORKDAYS_A_YEAR)}
        barWords={days === null ? undefined : `${shortCount(days)} of ${WORKDAYS_A_YEAR} working days`}
        note={`${shortCount(dates.time.goodPerDay)} a day`}
      />
      <FigureCell
        {...own(cells.tooling)}
        column="tooling"
        text={whole(money.tooling)}
        unit={currency}
        figure="tooling"
        label={`${route}, tooling`}
        at={scales.tooling === null ? undefined : along(scales.tooling, money.tooling)}
        barWords={`Tooling ${whole(money.tooling)} ${currency}`}
        diff={self ? undefined : signed(money.tooling - against.tooling, 0)}
        diffFigure={self ? undefined : differenceTo('tooling', against.laneId)}
        note={money.sets > 0 ? `${money.sets + 1} sets` : undefined}
      />
      <FigureCell
        {...own(cells.perPart)}
        column="perPart"
        text={perPart(money.allIn)}
        unit={currency}
        figure="allIn"
        label={`${route}, total cost per part`}
        at={scales.perPart === null ? undefined : along(scales.perPart, money.allIn)}
        partAt={scales.perPart === null ? undefined : along(scales.perPart, money.unit)}
        {...rangeOf(scales.perPart, spread?.allIn)}
        barWords={costWords(perPart(money.unit), currency, spread)}
        diff={self ? (leader ? 'least' : 'compared') : signed(money.allIn - against.allIn, 2)}
        diffFigure={self ? undefined : differenceTo('allIn', against.laneId)}
        sure={spread?.cheapest == null ? undefined : `cheapest ${percent(spread.cheapest.share)} %`}
        drawn="allIn"
        onSpread={props.onSpread}
      />
      <FigureCell
        {...own(cells.leadTime)}
        column="leadTime"
        text={weeks(dates.firstArticle_d)}
        unit="weeks"
        figure="firstArticle"
        label={`${route}, first article`}
        at={scales.leadTime === null ? undefined : along(scales.leadTime, dates.firstArticle_d)}
        {...rangeOf(scales.leadTime, spread?.first)}
        limit={dates.slack_d === null ? undefined : limitAt(scales.leadTime, dates.firstArticle_d + dates.slack_d)}
        barWords={leadWords(weeks(dates.lastPart_d), spread)}
        note={slackWords(dates.slack_d) ?? `last ${weeks(dates.lastPart_d)} wk`}
        sure={spread?.inTime == null ? undefined : `in time ${percent(spread.inTime.share)} %`}
        drawn="first"
        onSpread={props.onSpread}
      />
      <AlloyCell lane={lane} onOpen={onOpen} />
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

/** A limit on a scale; none where it lies beyond it, for there it would stand at the end as if it were met. */
const limitAt = (scale: ColumnScales['quantity'], x: number): number | undefined =>
  scale === null || x > scale.to || x < scale.from ? undefined : along(scale, x);

/** Reasons to watch: what is tight, wants a second operation or is not known, and what the programme says; one a line. */
function watchOf({ findings, programme }: BoardLane): string {
  const watched = [...findings, ...programme].filter((f) => ['special', 'tight', 'not-known'].includes(f.status));
  return [...new Set(watched.map((f) => (f.subject ? `${f.subject}: ${f.reason}` : f.reason)))].slice(0, 4).join('\n');
}

function costWords(bare: string, currency: string, spread: LaneSpread | null): string {
  const drawn =
    spread === null
      ? ''
      : `; 80 % range ${perPart(spread.allIn.p10)}–${perPart(spread.allIn.p90)} ${currency}, middle ${perPart(spread.allIn.p50)}`;
  return `${bare} ${currency} without tools${drawn}`;
}

function leadWords(last: string, spread: LaneSpread | null): string {
  const drawn =
    spread === null ? '' : `; first article 80 % range ${weeks(spread.first.p10)}–${weeks(spread.first.p90)} weeks`;
  return `Last part after ${last} weeks${drawn}`;
}

/** Days between the first article and the wanted first delivery; undefined where none is wanted. */
function slackWords(slack_d: number | null): string | undefined {
  if (slack_d === null) return undefined;
  return slack_d < 0 ? `${whole(Math.ceil(-slack_d))} d late` : `${whole(Math.floor(slack_d))} d early`;
}

/** Best rating of a bare metal in an environment. */
const BEST_RATING = 5;

/** How the metal does in the mould, and bare in its environment. */
function AlloyCell({ lane, onOpen }: { readonly lane: BoardLane } & Pick<LaneActs, 'onOpen'>) {
  const fit = lane.findings.find((f) => f.rule === 'dr-alloy-route')?.value;
  const found = lane.findings.find((f) => f.rule === 'dr-environment');
  const rating = typeof found?.value === 'number' ? found.value : null;
  const where = found?.reason.split(':')[0] ?? '';
  return (
    <FigureCell
      laneId={lane.id}
      status={lane.cells.alloy.status}
      why={lane.cells.alloy.reason}
      column="alloy"
      text={String(fit ?? '–')}
      figure={null}
      label={`${laneWords(lane.id).route}, the alloy in this mould`}
      at={rating === null ? undefined : Math.round((1000 * rating) / BEST_RATING)}
      barWords={rating === null ? undefined : `${where} ${rating} of ${BEST_RATING}`}
      note={rating === null ? undefined : `${where} ${rating} of ${BEST_RATING}`}
      onOpen={onOpen}
    />
  );
}
