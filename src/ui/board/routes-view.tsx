'use client';
import { EstimatesLine } from '../study/estimates';
import { Box, Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { rankingsAt } from '@/core/comparison/ranking';
import { whole } from '../format';
import { PageLink } from '../kit';
import { late, Near } from '../late';
import { useLaneOrder, useSpreadShown } from '../preferences';
import { useWeights } from '../ranking/use-weights';
import { ChooseProcess } from '../process-sets/choose-process';
import { ChooseRates } from '../rates/choose-rates';
import { useOpenDrawn } from '../simulation/use-open-drawn';
import { useSimulation, type SimulationChoice } from '../simulation/use-simulation';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { BoardGrid } from './board-grid';
import { BoardTools } from './board-tools';
import { useRested } from './use-rested';

const SimulationSection = late(() => import('../simulation/simulation-section').then((m) => m.SimulationSection));
const RankingSection = late(() => import('../ranking/ranking-section').then((m) => m.RankingSection));
const BelowBoard = late(() => import('./below-board').then((m) => m.BelowBoard));

/** Stillness of the rail after which the ranking is asked, ms. */
const BOARD_RESTS_MS = 120;
const FIRST_CHOICE: SimulationChoice = { seed: 1, spread: 'pert', demand: false };

/** The view of routes: the board, what the simulation says, the ranking methods, and what stands below. */
export function RoutesView() {
  const { study, brief, id } = useStudy('study', 'brief', 'id');
  const { board, q, setQ } = useQuantity();
  const [order] = useLaneOrder();
  const [spreadShown] = useSpreadShown();
  const { openWorking, openReasons } = useSheets();
  const [choice, setChoice] = useState<SimulationChoice>(FIRST_CHOICE);
  // While the rail moves ranges and ranking stay as they were, faded: nothing on the board jumps.
  const simulation = useSimulation(spreadShown === 'shown', choice);
  const onSpread = useOpenDrawn(simulation, choice);
  const weights = useWeights();
  const restedBoard = useRested(board, BOARD_RESTS_MS);
  const rankings = useMemo(
    () => rankingsAt(study, restedBoard, weights.weights),
    [study, restedBoard, weights.weights],
  );
  const behind = (simulation.summary !== null && simulation.q !== q) || restedBoard.q !== q;
  return (
    <>
      <BoardTools />
      <EstimatesLine />
      {brief.plan !== null && (
        <Text textStyle="label" data-testid="adopted-plan">
          Adopted plan: <strong>{whole(brief.plan.pieces)}</strong> pieces on {shortName(brief.plan.first)}, then{' '}
          {shortName(brief.plan.then)}. <PageLink href={`/studies/${id}/calendar`}>Cost and dates</PageLink>
        </Text>
      )}
      <BoardGrid rankings={rankings} weights={weights} simulation={simulation} behind={behind} onSpread={onSpread} />
      {spreadShown === 'shown' && board.leader !== null && (
        <Near height="60rem">
          <SimulationSection
            simulation={simulation}
            choice={choice}
            onChoice={setChoice}
            onGo={setQ}
            onSpread={onSpread}
          />
        </Near>
      )}
      {rankings !== null && (
        <Near height="30rem">
          <RankingSection rankings={rankings} used={weights} />
        </Near>
      )}
      <Near height="60rem">
        <BelowBoard
          order={order}
          onOpen={(laneId, figure) => (figure === null ? openReasons(laneId) : openWorking({ laneId, figure }))}
        />
      </Near>
      <Box textStyle="label" color="fg.muted" mt="4">
        <ChooseRates /> <ChooseProcess /> Values that are not your own are assumptions. Every figure opens its working.
      </Box>
    </>
  );
}
