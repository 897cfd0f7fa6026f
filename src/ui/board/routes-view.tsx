'use client';
import { useCallback, useEffect, useMemo, useState, type KeyboardEvent } from 'react';
import { prepareStudy, type BoardLane, type Curve } from '@/core/board';
import { CostChart } from '../charts/cost-charts';
import { useLaneOrder } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { WorkingSheet, type OpenFigure } from '../working/working-sheet';
import { CostStack } from './cost-stack';
import { BaselineLine, FoldedLane } from './folded';
import { LaneRow, type Against } from './lane-row';
import { LeadChanges } from './lead-changes';
import { orderLanes } from './lane-order';
import { ReasonsSheet } from './reasons-sheet';
import { useGlide } from './use-glide';

const HEADS = [
  ['Route', ''],
  ['Quantity', 'working days, a year’s parts'],
  ['Tooling', 'whole programme'],
  ['Part cost', 'all in'],
  ['Lead time', 'first article'],
  ['Alloy', 'fit in the mould'],
  ['Tolerance', 'dimensions and holes'],
  ['', ''],
] as const;
const NO_CURVES: readonly Curve[] = [];
const ORDERS = [
  ['total', 'total cost'],
  ['first', 'first good part'],
  ['spare', 'room to spare'],
] as const;

/** The heart: nine lanes by six columns at the chosen quantity. */
export function RoutesView() {
  const { study, survey, school, setSchool, id } = useStudy();
  const { board, q, setQ } = useQuantity();
  const [order, setOrder] = useLaneOrder();
  const [pinned, setPinned] = useState<string | null>(null);
  const [expanded, setExpanded] = useState<ReadonlySet<string>>(new Set());
  const [figure, setFigure] = useState<OpenFigure | null>(null);
  const [reasonsOf, setReasonsOf] = useState<string | null>(null);

  const { open, out } = useMemo(() => orderLanes(board, order), [board, order]);
  const root = useGlide([...open, ...out].map((lane) => lane.routeId).join(' '));
  const currency = study.rates.currency.code;
  const reference = board.lanes.find((lane) => lane.id === (pinned ?? board.leader)) ?? null;
  const against = useMemo<Against | null>(
    () =>
      reference?.money && reference.dates
        ? {
            laneId: reference.id,
            allIn: reference.money.allIn,
            tooling: reference.money.tooling,
            firstArticle_d: reference.dates.firstArticle_d,
          }
        : null,
    [reference],
  );
  const onWorking = useCallback((laneId: string, name: string) => setFigure({ laneId, figure: name }), []);
  const onReasons = useCallback((laneId: string) => setReasonsOf(laneId), []);
  const onPin = useCallback((laneId: string) => setPinned((p) => (p === laneId ? null : laneId)), []);
  const onExpand = useCallback(
    (routeId: string) =>
      setExpanded((set) => {
        const next = new Set(set);
        if (!next.delete(routeId)) next.add(routeId);
        return next;
      }),
    [],
  );
  const parts = useMemo(() => new Map(study.lanes.map((entry) => [entry.lane.id, entry.part])), [study]);
  const siblings = (lane: BoardLane): BoardLane[] =>
    board.lanes.filter((l) => l.routeId === lane.routeId && l.id !== lane.id);

  const row = (lane: BoardLane, sub: boolean) =>
    lane.status !== 'blocked' && lane.money !== null ? (
      <LaneRow
        key={lane.id}
        lane={lane}
        part={parts.get(lane.id) ?? null}
        leader={lane.id === board.leader}
        against={against}
        pinned={lane.id === pinned}
        sub={sub}
        others={siblings(lane).length}
        expanded={expanded.has(lane.routeId)}
        currency={currency}
        onWorking={onWorking}
        onReasons={onReasons}
        onPin={onPin}
        onExpand={onExpand}
      />
    ) : (
      <FoldedLane
        key={lane.id}
        lane={lane}
        sub={sub}
        onReasons={onReasons}
        others={sub ? 0 : siblings(lane).length}
        expanded={expanded.has(lane.routeId)}
        onExpand={onExpand}
      />
    );
  const rows = (lane: BoardLane) => (
    <div key={lane.routeId} style={{ display: 'contents' }} role="presentation">
      {row(lane, false)}
      {expanded.has(lane.routeId) && siblings(lane).map((other) => row(other, true))}
    </div>
  );
  const curves = survey?.curves ?? NO_CURVES;
  useEffect(() => {
    const grid = root.current;
    if (grid === null || grid.querySelector('[role=gridcell][tabindex="0"]')) return;
    const first = grid.querySelector<HTMLElement>('[role=gridcell][data-col]');
    if (first) first.tabIndex = 0;
  });
  const otherSchool = useOtherSchool();

  return (
    <>
      <div className="board-tools small">
        <span className="quiet">Order by</span>
        <div className="toggle" role="group" aria-label="Order of the lanes">
          {ORDERS.map(([value, name]) => (
            <button key={value} type="button" aria-pressed={order === value} onClick={() => setOrder(value)}>
              {name}
            </button>
          ))}
        </div>
        <span className="quiet">Tolerances by</span>
        <div className="toggle" role="group" aria-label="School of tolerance">
          <button type="button" aria-pressed={school === 'published'} onClick={() => setSchool('published')}>
            published grades
          </button>
          <button type="button" aria-pressed={school === 'shop'} onClick={() => setSchool('shop')}>
            a specialist shop
          </button>
        </div>
        {otherSchool !== '' && <span className="quiet">{otherSchool}</span>}
        <span style={{ marginLeft: 'auto' }} className="no-print">
          <a className="plain-link" href={`/api/studies/${id}/comparison?quantity=${q}`}>
            Comparison as CSV
          </a>{' '}
          &nbsp;{' '}
          <a className="plain-link" href={`/api/studies/${id}/export`}>
            Study as file
          </a>
        </span>
      </div>
      <div
        ref={root}
        className="board"
        role="grid"
        aria-label={`Nine routes at ${q} pieces`}
        onKeyDown={(event) => walk(event, { onWorking, onReasons, onPin, onExpand, lanes: board.lanes })}
        onFocus={rove}
      >
        <div className="lane-grid lane-head" role="row">
          {HEADS.map(([head, what], i) => (
            <div key={head || 'pin'} role="columnheader" className={i === 0 ? undefined : 'num'}>
              {head || <span className="sr">Pin</span>}
              {what !== '' && <div className="what">{what}</div>}
            </div>
          ))}
        </div>
        {open.map(rows)}
        {open.length === 0 && study.missing.length === 0 && (
          <div role="row">
            <p role="gridcell" style={{ padding: '10px 0' }}>
              No casting route survives. Each line below says what would open it.
            </p>
          </div>
        )}
        {out.map(rows)}
        {board.baselines.length > 0 && (
          <div role="row" className="small quiet" style={{ paddingTop: 12 }}>
            <span role="gridcell">Without a casting</span>
          </div>
        )}
        {board.baselines.map((b) => (
          <BaselineLine key={b.id} baseline={b} against={against} currency={currency} onWorking={onWorking} />
        ))}
      </div>
      {survey !== null && open.length > 0 && (
        <section className="section">
          <h2>
            Where the lead changes <span className="quiet">exact for every whole quantity from 1 to 1 000 000</span>
          </h2>
          <LeadChanges crossings={survey.crossings} next={survey.crossings.findIndex((c) => c.first > q)} onGo={setQ} />
        </section>
      )}
      {open.length > 0 && (
        <>
          <section className="section is-below">
            <h2>
              What a part is made of{' '}
              <span className="quiet">all in, at the chosen quantity; a stretch opens its working</span>
            </h2>
            <CostStack board={board} lanes={open} currency={currency} onWorking={onWorking} />
          </section>
          <section className="section is-below">
            <h2>
              Cost against quantity{' '}
              <span className="quiet">both axes logarithmic; each route by its best variant at each quantity</span>
            </h2>
            {survey === null ? (
              <p className="small quiet" role="status">
                Working out the curves …
              </p>
            ) : (
              <div className="charts">
                <CostChart curves={curves} what="allIn" q={q} currency={currency} title="All-in cost of a part" />
                <CostChart curves={curves} what="total" q={q} currency={currency} title="Total cost of the programme" />
              </div>
            )}
          </section>
        </>
      )}
      <p className="small quiet" style={{ marginTop: 16 }}>
        Rates: {study.rates.name}. Every rate is an assumption until your own shop replaces it; every figure opens its
        working.
      </p>
      <WorkingSheet open={figure} onOpen={setFigure} onClose={() => setFigure(null)} />
      <ReasonsSheet
        lane={board.lanes.find((lane) => lane.id === reasonsOf) ?? null}
        onClose={() => setReasonsOf(null)}
        onWorking={(laneId, name) => {
          setReasonsOf(null);
          onWorking(laneId, name);
        }}
      />
    </>
  );
}

/** Where the other school of tolerance would come to another verdict, in a few words. */
function useOtherSchool(): string {
  const { brief, school, study } = useStudy();
  return useMemo(() => {
    if (study.facts === null) return '';
    const other = prepareStudy(brief, school === 'published' ? 'shop' : 'published', study.rates);
    const changed = study.lanes.filter(
      (entry, i) => entry.screening?.status !== other.lanes[i]?.screening?.status,
    ).length;
    return changed === 0
      ? 'the other school changes no verdict'
      : `the other school changes ${changed} ${changed === 1 ? 'verdict' : 'verdicts'}`;
  }, [brief, school, study]);
}

interface Acts {
  readonly onWorking: (laneId: string, figure: string) => void;
  readonly onReasons: (laneId: string) => void;
  readonly onPin: (laneId: string) => void;
  readonly onExpand: (routeId: string) => void;
  readonly lanes: readonly BoardLane[];
}

const FIGURE_OF_COLUMN: Readonly<Record<string, string>> = {
  '0': 'allIn',
  '1': 'yearWorkdays',
  '2': 'tooling',
  '3': 'allIn',
  '4': 'firstArticle',
};

/** The smaller figure of a cell, opened with Shift. */
const SECOND_FIGURE: Readonly<Record<string, string>> = { '3': 'unit', '4': 'lastPart' };

/** Arrow keys walk lanes and cells; w opens a working, y the reasons, p pins, v shows variants. */
function walk(event: KeyboardEvent<HTMLElement>, acts: Acts): void {
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[role=gridcell]');
  const row = cell?.closest<HTMLElement>('[role=row]');
  if (cell == null || row == null || event.ctrlKey || event.metaKey || event.altKey) return;
  const col = Number(cell.dataset['col'] ?? 0);
  const laneId = row.dataset['lane'] ?? '';
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=row]')].filter((r) =>
    r.querySelector('[data-col]'),
  );
  const at = rows.indexOf(row);
  const focus = (r: HTMLElement | undefined, c: number): void => {
    const cells = [...(r?.querySelectorAll<HTMLElement>('[data-col]') ?? [])];
    const to =
      cells.find((x) => Number(x.dataset['col']) === c) ?? cells.filter((x) => Number(x.dataset['col']) <= c).at(-1);
    to?.focus();
  };
  const go: Record<string, () => void> = {
    ArrowDown: () => focus(rows[at + 1], col),
    ArrowUp: () => focus(rows[at - 1], col),
    ArrowRight: () => focus(row, col + 1),
    ArrowLeft: () => focus(row, Math.max(0, col - 1)),
    y: () => acts.onReasons(laneId),
    p: () => acts.onPin(laneId),
    v: () => acts.onExpand(laneId.split('/')[0] ?? ''),
    w: () => open(false),
    W: () => open(true),
    Enter: () => open(event.shiftKey),
  };
  const open = (second: boolean): void => {
    const lane = acts.lanes.find((l) => l.id === laneId);
    const figure = (second ? SECOND_FIGURE[String(col)] : undefined) ?? FIGURE_OF_COLUMN[String(col)];
    if (lane !== undefined && (lane.money === null || figure === undefined)) acts.onReasons(laneId);
    else if (figure !== undefined) acts.onWorking(laneId, figure);
  };
  const act = go[event.key];
  if (act === undefined || (event.key === 'Enter' && event.target !== cell)) return;
  event.preventDefault();
  act();
}

/** Keeps one cell of the grid in the tab order: the one last used. */
function rove(event: { currentTarget: HTMLElement; target: EventTarget }): void {
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[role=gridcell]');
  if (cell === null) return;
  for (const other of event.currentTarget.querySelectorAll<HTMLElement>('[role=gridcell][tabindex="0"]'))
    other.tabIndex = -1;
  cell.tabIndex = 0;
}
