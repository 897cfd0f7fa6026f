'use client';
import { Box, Span, Text, VisuallyHidden } from '@chakra-ui/react';
import { FileLink, PageLink } from '../kit';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { prepareStudy } from '@/core/study';
import { BOARD_COLUMNS, type BoardLane } from '@/core/comparison/board';
import type { SimulationSummary } from '@/core/simulation';
import { firstOf, rankingsAt } from '@/core/comparison/ranking';
import { shortName } from '@/core/catalogue/routes';
import { SimulationSection } from '../simulation/simulation-section';
import { useSimulation, type SimulationChoice } from '../simulation/use-simulation';
import { useOpenDrawn } from '../simulation/use-open-drawn';
import { scaleOf } from '../simulation/whisker';
import { whole } from '../format';
import { useSpreadShown, useLaneOrder } from '../preferences';
import { RankingSection } from '../ranking/ranking-section';
import { useWeights } from '../ranking/use-weights';
import { firstBy } from '../ranking/words';
import { ChooseRates } from '../rates/choose-rates';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { BelowBoard } from './below-board';
import { rove, walk } from './board-keys';
import { BaselineLine, FoldedLane } from './folded';
import { LaneRow, type Against } from './lane-row';
import { type WhiskerScales } from './whisker-scales';
import { orderLanes } from './lane-order';
import { useGlide } from './use-glide';
import { useRested } from './use-rested';

const ORDERS = [
  ['total', 'total cost'],
  ['first', 'first good part'],
  ['spare', 'room to spare'],
] as const;

/** The heart: nine lanes by six columns at the chosen quantity. */
export function RoutesView() {
  const { study, brief, school, setTolerancePolicy, id } = useStudy(
    'study',
    'brief',
    'school',
    'setTolerancePolicy',
    'id',
  );
  const { board, q, setQ } = useQuantity();
  const [order, setOrder] = useLaneOrder();
  const [pinned, setPinned] = useState<string | null>(null);
  const [expanded, setExpanded] = useState<ReadonlySet<string>>(new Set());
  const { openWorking, openReasons } = useSheets();

  const [spreadShown, setSpreadShown] = useSpreadShown();
  const [choice, setChoice] = useState<SimulationChoice>(FIRST_CHOICE);
  const simulation = useSimulation(spreadShown === 'shown', choice);
  // While the rail moves the whiskers and the ranking stand as they were, faded: nothing on the board jumps.
  const { summary } = simulation;
  const scales = useMemo(() => scalesOf(summary), [summary]);
  const spreads = useMemo(() => new Map(summary?.lanes.map((l) => [l.id, l])), [summary]);

  const weights = useWeights();
  const restedBoard = useRested(board, BOARD_RESTS_MS);
  const rankings = useMemo(
    () => rankingsAt(study, restedBoard, weights.weights),
    [study, restedBoard, weights.weights],
  );
  // What leads is shown at once; by least cost the board knows it already.
  const live = useMemo(
    () => (brief.leads === 'cost' ? null : rankingsAt(study, board, weights.weights)),
    [brief.leads, study, board, weights.weights],
  );
  const led = live === null ? board.leader : firstOf(live, brief.leads);
  const lagging = (summary !== null && simulation.q !== q) || restedBoard.q !== q;

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
  const onOpen = useCallback(
    (laneId: string, figure: string | null) =>
      figure === null ? openReasons(laneId) : openWorking({ laneId, figure }),
    [openWorking, openReasons],
  );
  const onSpread = useOpenDrawn(simulation, choice);
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
        leader={lane.id === led}
        firstBy={firstBy(rankings, lane.id)}
        against={against}
        pinned={lane.id === pinned}
        sub={sub}
        others={siblings(lane).length}
        expanded={expanded.has(lane.routeId)}
        currency={currency}
        spread={spreads.get(lane.id) ?? null}
        scales={scales}
        onOpen={onOpen}
        onSpread={onSpread}
        onPin={onPin}
        onExpand={onExpand}
      />
    ) : (
      <FoldedLane
        key={lane.id}
        lane={lane}
        sub={sub}
        onOpen={onOpen}
        others={sub ? 0 : siblings(lane).length}
        expanded={expanded.has(lane.routeId)}
        onExpand={onExpand}
      />
    );
  const rows = (lane: BoardLane) => (
    <div key={lane.routeId} style={{ display: 'contents' }} role="presentation">
      {row(lane, false)}
      {siblings(lane)
        .filter((other) => expanded.has(lane.routeId) || other.id === led)
        .map((other) => row(other, true))}
    </div>
  );
  useEffect(() => {
    const grid = root.current;
    if (grid === null || grid.querySelector('[role=gridcell][tabindex="0"]')) return;
    const first = grid.querySelector<HTMLElement>('[role=gridcell][data-column]');
    if (first) first.tabIndex = 0;
  });
  const otherPolicy = useOtherPolicy();

  return (
    <>
      <Box className="board-tools" textStyle="label">
        <Span color="fg.muted">Order by</Span>
        <div className="toggle" role="group" aria-label="Order of the lanes">
          {ORDERS.map(([value, name]) => (
            <button key={value} type="button" aria-pressed={order === value} onClick={() => setOrder(value)}>
              {name}
            </button>
          ))}
        </div>
        <Span color="fg.muted">Tolerances by</Span>
        <div className="toggle" role="group" aria-label="Tolerance policy">
          <button type="button" aria-pressed={school === 'published'} onClick={() => setTolerancePolicy('published')}>
            published grades
          </button>
          <button type="button" aria-pressed={school === 'shop'} onClick={() => setTolerancePolicy('shop')}>
            a specialist shop
          </button>
        </div>
        {otherPolicy !== '' && <Span color="fg.muted">{otherPolicy}</Span>}
        <div className="toggle" role="group" aria-label="How sure the figures are">
          {(['shown', 'hidden'] as const).map((word) => (
            <button key={word} type="button" aria-pressed={spreadShown === word} onClick={() => setSpreadShown(word)}>
              spread {word}
            </button>
          ))}
        </div>
        <Span style={{ marginLeft: 'auto' }} _print={{ display: 'none' }}>
          <FileLink href={`/api/studies/${id}/comparison?quantity=${q}`}>Comparison as CSV</FileLink> &nbsp;{' '}
          <FileLink href={`/api/studies/${id}/export`}>Study as file</FileLink>
        </Span>
      </Box>
      {brief.plan !== null && (
        <Text textStyle="label" data-testid="adopted-plan">
          Adopted in two steps: <strong>{whole(brief.plan.pieces)}</strong> on {shortName(brief.plan.first)}, then{' '}
          {shortName(brief.plan.then)}. <PageLink href={`/studies/${id}/calendar`}>In money and dates</PageLink>
        </Text>
      )}
      <div
        ref={root}
        className={lagging ? 'board is-lagging' : 'board'}
        role="grid"
        aria-label={`Nine routes at ${q} pieces`}
        onKeyDown={(event) => walk(event, { onOpen, onSpread, onPin, onExpand, lanes: board.lanes })}
        onFocus={rove}
      >
        <div className="lane-grid lane-head" role="row">
          {BOARD_COLUMNS.map(({ id: column, title, under }) => (
            <div key={column} role="columnheader" className={column === 'route' ? undefined : 'num'}>
              {title || <VisuallyHidden>Pin</VisuallyHidden>}
              {under !== '' && <div className="what">{under}</div>}
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
          <Box role="row" textStyle="label" color="fg.muted" style={{ paddingTop: 12 }}>
            <span role="gridcell">Without a casting</span>
          </Box>
        )}
        {board.baselines.map((b) => (
          <BaselineLine
            key={b.id}
            baseline={b}
            against={against}
            currency={currency}
            spread={spreads.get(b.id) ?? null}
            scales={scales}
            onOpen={onOpen}
            onSpread={onSpread}
          />
        ))}
      </div>
      {spreadShown === 'shown' && board.leader !== null && (
        <SimulationSection
          simulation={simulation}
          choice={choice}
          onChoice={setChoice}
          onGo={setQ}
          onSpread={onSpread}
        />
      )}
      {rankings !== null && <RankingSection rankings={rankings} used={weights} />}
      <BelowBoard order={order} onOpen={onOpen} />
      <Text textStyle="label" color="fg.muted" style={{ marginTop: 16 }}>
        <ChooseRates /> Every rate that is not the shop’s own is an assumption; every figure opens its working.
      </Text>
    </>
  );
}

/** Stillness of the rail after which the ranking is asked, ms. */
const BOARD_RESTS_MS = 120;
const FIRST_CHOICE: SimulationChoice = { seed: 1, spread: 'pert', demand: false };

/** One scale for the whiskers of each column, over the lanes that race and what may be had without a casting. */
function scalesOf(summary: SimulationSummary | null): WhiskerScales | null {
  if (summary === null) return null;
  return {
    allIn: scaleOf(
      summary.lanes.map((l) => l.allIn),
      true,
    ),
    total: scaleOf(
      summary.lanes.map((l) => l.total),
      true,
    ),
    first: scaleOf(
      summary.lanes.map((l) => l.first),
      false,
    ),
  };
}

/** Where the other Tolerance policy would come to another verdict, in a few words. */
function useOtherPolicy(): string {
  const { brief, school, study } = useStudy('brief', 'school', 'study');
  return useMemo(() => {
    if (study.facts === null) return '';
    const other = prepareStudy(brief, school === 'published' ? 'shop' : 'published', study.rates);
    const changed = study.lanes.filter(
      (entry, i) => entry.screening?.status !== other.lanes[i]?.screening?.status,
    ).length;
    return changed === 0
      ? 'the other policy changes no verdict'
      : `the other policy changes ${changed} ${changed === 1 ? 'verdict' : 'verdicts'}`;
  }, [brief, school, study]);
}
