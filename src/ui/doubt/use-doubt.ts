'use client';
import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { DrawnPlan, Spread } from '@/core/doubt';
import { DoubtClient } from '@/workers/doubt.client';
import type { DoubtAnswer, DoubtAsked } from '@/workers/doubt.protocol';
import { useQuantity, useStudy } from '../study/study-context';
import { heardDoubt, NOT_DRAWN, type DoubtState } from './doubt-state';

/** Stillness of the hand after which is drawn: while the rail moves nothing of the machine is taken from it, ms. */
const REST_MS = 90;

/** How figures are drawn. */
export interface DoubtChoice {
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity is in doubt too. */
  readonly demand: boolean;
}

/**
 * Draws the study at the quantity of the rail in a worker: ended when the rail moves, begun again when it rests.
 * @param wanted false draws nothing
 * @param plan a plan in two steps that is drawn too; keeps its identity while it is the same
 * @param deep whether movers and flip points are wanted too
 */
export function useDoubt(wanted: boolean, choice: DoubtChoice, plan: DrawnPlan | null = null, deep = true): DoubtState {
  const { brief, school, rates, orderDate } = useStudy();
  const { q } = useQuantity();
  const [state, setState] = useState<DoubtState>(NOT_DRAWN);
  const client = useRef<DoubtClient | null>(null);
  const asking = useRef(0);
  const hear = useCallback((answer: DoubtAnswer) => {
    const of = asking.current;
    startTransition(() => setState((s) => heardDoubt(s, of, answer)));
  }, []);
  const { seed, spread, demand } = choice;
  useEffect(() => {
    if (!wanted) return;
    const asked: DoubtAsked = { brief, school, rates, orderDate, q, seed, spread, demand, deep, plan };
    client.current ??= new DoubtClient(hear);
    client.current.warm();
    const timer = setTimeout(() => {
      client.current ??= new DoubtClient(hear);
      asking.current = q;
      client.current.ask(asked);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      client.current?.stop();
    };
  }, [wanted, brief, school, rates, orderDate, q, seed, spread, demand, plan, deep, hear]);
  useEffect(
    () => () => {
      client.current?.close();
      client.current = null;
    },
    [],
  );
  return wanted ? state : NOT_DRAWN;
}
