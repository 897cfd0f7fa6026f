'use client';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { DrawnPlan, Spread } from '@/core/simulation';
import { simulationWorker } from '@/workers/simulation.client';
import type { SimulationAnswer } from '@/workers/simulation.protocol';
import { useQuantity, useStudy } from '../study/study-context';
import { afterAnswer, NOT_DRAWN, sameDrawn, type SimulationState } from './simulation-state';

/** Stillness of the hand after which is drawn: while the rail moves nothing of the machine is taken from it, ms. */
const REST_MS = 90;

/** How figures are drawn. */
export interface SimulationChoice {
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity is uncertain too. */
  readonly demand: boolean;
}

const HIDDEN = { ...NOT_DRAWN, behind: false };

/** What the draws say, and whether that is still of something else than what is on the screen. */
export interface LiveSimulation extends SimulationState {
  readonly behind: boolean;
}

/**
 * Draws the study at the quantity of the rail in a worker: ended when the rail moves, begun again when it rests.
 * @param wanted false draws nothing
 * @param plan a plan in two steps that is drawn too; keeps its identity while it is the same
 * @param deep whether movers and flip points are wanted too
 */
export function useSimulation(
  wanted: boolean,
  choice: SimulationChoice,
  plan: DrawnPlan | null = null,
  deep = true,
): LiveSimulation {
  const { brief, school, rates, orderDate } = useStudy('brief', 'school', 'rates', 'orderDate');
  const { q } = useQuantity();
  const [state, setState] = useState<SimulationState>(NOT_DRAWN);
  const asked = useRef(false);
  const { seed, spread, demand } = choice;
  useEffect(() => {
    if (!wanted) return;
    const of = { brief, school, rates, orderDate, plan, q };
    const hear = (answer: SimulationAnswer): void => startTransition(() => setState((s) => afterAnswer(s, of, answer)));
    // What is first asked does not wait for a hand to rest.
    const timer = setTimeout(
      () => {
        asked.current = true;
        simulationWorker.ask({ brief, school, rates, orderDate, q, seed, spread, demand, deep, plan }, hear);
      },
      asked.current ? REST_MS : 0,
    );
    return () => {
      clearTimeout(timer);
      simulationWorker.stop(hear);
    };
  }, [wanted, brief, school, rates, orderDate, q, seed, spread, demand, plan, deep]);
  const behind = !sameDrawn(state.of, { brief, school, rates, orderDate, plan, q });
  const live = useMemo(() => ({ ...state, behind }), [state, behind]);
  return wanted ? live : HIDDEN;
}
