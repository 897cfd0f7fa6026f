'use client';
import { useCallback, useEffect, useRef } from 'react';
import type { DrawnFigure } from '@/core/simulation';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import type { SimulationState } from './simulation-state';
import type { SimulationChoice } from './use-simulation';

/** Opens what the draws say of a figure of a lane. Keeps its identity while draws come in. */
export function useOpenDrawn(
  state: SimulationState,
  choice: SimulationChoice,
): (laneId: string, drawn: DrawnFigure) => void {
  const { study } = useStudy('study');
  const { openWorking } = useSheets();
  const latest = useRef({ study, state, choice });
  useEffect(() => {
    latest.current = { study, state, choice };
  });
  return useCallback(
    (laneId, drawn) => {
      const { study: of, state: now, choice: how } = latest.current;
      const lane = now.summary?.lanes.find((l) => l.id === laneId);
      if (now.summary === null || lane === undefined) return;
      const { draws } = now.summary;
      // What explains draws is fetched for the first that is opened. At the quantity that was drawn, where the rail has gone on.
      void import('./drawn-working').then(({ drawnWorkingOf }) => {
        const made = drawnWorkingOf(of, lane, now.q, drawn, { ...how, draws });
        openWorking({ laneId, figure: made.figure, q: now.q, working: made });
      });
    },
    [openWorking],
  );
}
