'use client';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { DrawnPlan, Spread } from '@/core/simulation';
import { doubtWorker } from '@/workers/doubt.client';
import type { DoubtAnswer } from '@/workers/doubt.protocol';
import { useQuantity, useStudy } from '../study/study-context';
import { heardDoubt, NOT_DRAWN, sameDrawn, type DoubtState } from './doubt-state';

/** Stillness of the hand after which is drawn: while the rail moves nothing of the machine is taken from it, ms. */
const REST_MS = 90;

/** How figures are drawn. */
export interface DoubtChoice {
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity is in doubt too. */
  readonly demand: boolean;
}

const HIDDEN = { ...NOT_DRAWN, behind: false };

/** What the draws say, and whether that is still of something else than what is on the screen. */
export interface LiveDoubt extends DoubtState {
  readonly behind: boolean;
}

/**
 * Draws the study at the quantity of the rail in a worker: ended when the rail moves, begun again when it rests.
 * @param wanted false draws nothing
 * @param plan a plan in two steps that is drawn too; keeps its identity while it is the same
 * @param deep whether movers and flip points are wanted too
 */
export function useDoubt(wanted: boolean, choice: DoubtChoice, plan: DrawnPlan | null = null, deep = true): LiveDoubt {
  const { brief, school, rates, orderDate } = useStudy();
  const { q } = useQuantity();
  const [state, setState] = useState<DoubtState>(NOT_DRAWN);
  const asked = useRef(false);
  const { seed, spread, demand } = choice;
  useEffect(() => {
    if (!wanted) return;
    const of = { brief, school, rates, orderDate, plan, q };
    const hear = (answer: DoubtAnswer): void => startTransition(() => setState((s) => heardDoubt(s, of, answer)));
    // What is first asked does not wait for a hand to rest.
    const timer = setTimeout(
      () => {
        asked.current = true;
        doubtWorker.ask({ brief, school, rates, orderDate, q, seed, spread, demand, deep, plan }, hear);
      },
      asked.current ? REST_MS : 0,
    );
    return () => {
      clearTimeout(timer);
      doubtWorker.stop(hear);
    };
  }, [wanted, brief, school, rates, orderDate, q, seed, spread, demand, plan, deep]);
  const behind = !sameDrawn(state.of, { brief, school, rates, orderDate, plan, q });
  const live = useMemo(() => ({ ...state, behind }), [state, behind]);
  return wanted ? live : HIDDEN;
}
