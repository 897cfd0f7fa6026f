'use client';
import { Text } from '@chakra-ui/react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { verdictOf, type BoardLane } from '@/core/comparison/board';
import { firstOf, rankingsAt, type Rankings } from '@/core/comparison/ranking';
import type { DrawnFigure } from '@/core/simulation';
import { late } from '../late';
import { useDensity, useLaneOrder } from '../preferences';
import { bestOn } from '../ranking/words';
import type { useWeights } from '../ranking/use-weights';
import type { LiveSimulation } from '../simulation/use-simulation';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { BaselineRow } from './baseline-row';
import { BoardHead } from './board-head';
import { rove, walk } from './board-keys';
import { BoardRoot } from './board-root';
import { columnScales } from './column-scale';
import { FoldedLane } from './folded-lane';
import type { Against } from './lane-acts';
import { orderLanes } from './lane-order';
import { LaneRow } from './lane-row';
import { useGlide } from './use-glide';

const QuoteRows = late(() => import('../quotes/quote-rows').then((m) => m.QuoteRows));

/** The heart: nine lanes by six columns at the chosen quantity, and what may be had without a casting. */
export function BoardGrid({
  rankings,
  weights,
  simulation,
  behind,
  onSpread,
}: {
  readonly rankings: Rankings | null;
  readonly weights: ReturnType<typeof useWeights>;
  readonly simulation: LiveSimulation;
  /** Whether what is drawn around the figures is still of a quantity before. */
  readonly behind: boolean;
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
}) {
  const { study, brief, quoteCount } = useStudy('study', 'brief', 'quoteCount');
  const { board, q } = useQuantity();
  const [order] = useLaneOrder();
  const [density] = useDensity();
  const [pinned, setPinned] = useState<string | null>(null);
  const [expanded, setExpanded] = useState<ReadonlySet<string>>(new Set());
  const { openWorking, openReasons } = useSheets();
  const { summary } = simulation;
  const spreads = useMemo(() => new Map(summary?.lanes.map((l) => [l.id, l])), [summary]);
  // What leads is shown at once; by least cost the board knows it already.
  const live = useMemo(
    () => (brief.leads === 'cost' ? null : rankingsAt(study, board, weights.weights)),
    [brief.leads, study, board, weights.weights],
  );
  const led = live === null ? board.leader : firstOf(live, brief.leads);
  const { open, out } = useMemo(() => orderLanes(board, order), [board, order]);
  const found = useMemo(() => columnScales(open, board.baselines), [open, board.baselines]);
  const scales = useSame(found);
  const root = useGlide([...open, ...out].map((lane) => lane.routeId).join(' '));
  const currency = study.rates.currency.code;
  const against = useMemo(() => measure(board.lanes, pinned ?? board.leader), [board, pinned]);
  const onOpen = useCallback(
    (laneId: string, figure: string | null) =>
      figure === null ? openReasons(laneId) : openWorking({ laneId, figure }),
    [openWorking, openReasons],
  );
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

  const row = (lane: BoardLane, sub: boolean) => {
    const shared = { key: lane.id, lane, sub, expanded: expanded.has(lane.routeId), onOpen, onExpand };
    const others = sub ? 0 : siblings(lane).length;
    const { key, ...rest } = shared;
    return lane.status !== 'blocked' && lane.money !== null ? (
      <LaneRow
        key={key}
        {...rest}
        others={others}
        part={parts.get(lane.id) ?? null}
        leader={way === null && lane.id === led}
        best={bestOn(rankings, lane.id)}
        against={against}
        pinned={lane.id === pinned}
        currency={currency}
        spread={spreads.get(lane.id) ?? null}
        scales={scales}
        onSpread={onSpread}
        onPin={onPin}
      />
    ) : (
      <FoldedLane key={key} {...rest} others={others} />
    );
  };
  const rows = (lane: BoardLane) => (
    <div key={lane.routeId} style={{ display: 'contents' }} role="presentation">
      {row(lane, false)}
      {siblings(lane)
        .filter((other) => expanded.has(lane.routeId) || other.id === led)
        .map((other) => row(other, true))}
    </div>
  );
  const way = verdictOf(board, null).cheaperBaseline?.id ?? null;
  // A way without a casting that costs less than every casting stands before them, the others after.
  const baselines = (first: boolean) =>
    board.baselines
      .filter((b) => (b.id === way) === first)
      .map((b) => (
        <BaselineRow
          key={b.id}
          baseline={b}
          against={against}
          currency={currency}
          spread={spreads.get(b.id) ?? null}
          scales={scales}
          leader={first}
          onOpen={onOpen}
          onSpread={onSpread}
        />
      ));
  useEffect(() => {
    const grid = root.current;
    if (grid === null || grid.querySelector('[role=gridcell][tabindex="0"]')) return;
    const first = grid.querySelector<HTMLElement>('[role=gridcell][data-column]');
    if (first) first.tabIndex = 0;
  });
  return (
    <BoardRoot
      ref={root}
      role="grid"
      aria-label={`Nine routes at ${q} pieces`}
      data-density={density}
      data-lagging={behind || undefined}
      onKeyDown={(event) => walk(event, { onOpen, onSpread, onPin, onExpand, lanes: board.lanes })}
      onFocus={rove}
    >
      <BoardHead scales={scales} currency={currency} />
      {baselines(true)}
      {open.map(rows)}
      {open.length === 0 && study.missing.length === 0 && (
        <div role="row">
          <Text role="gridcell" py="2.5">
            No casting route is left. Each line below says what would open it.
          </Text>
        </div>
      )}
      {quoteCount > 0 && <QuoteRows scales={scales} against={against} currency={currency} spreads={spreads} />}
      {baselines(false)}
      {out.map(rows)}
    </BoardRoot>
  );
}

/** What the others are compared with. */
function measure(lanes: readonly BoardLane[], id: string | null): Against | null {
  const lane = lanes.find((l) => l.id === id);
  if (lane?.money == null || lane.dates === null) return null;
  const { allIn, tooling } = lane.money;
  return { laneId: lane.id, allIn, tooling, firstArticle_d: lane.dates.firstArticle_d };
}

/** The value as it was before, for as long as it reads the same. */
function useSame<T>(value: T): T {
  const text = JSON.stringify(value);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  return useMemo(() => value, [text]);
}
