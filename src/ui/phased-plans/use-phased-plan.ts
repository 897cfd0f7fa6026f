'use client';
import { startTransition, useCallback, useEffect, useMemo, useState } from 'react';
import { planAt, singleAt, type PhasedPlan, type PlanChoice, type PlanDue } from '@/core/phased-plans';
import { planWorker } from '@/workers/phased-plan.client';
import type { PlanAnswer, PlanFound } from '@/workers/phased-plan.protocol';
import { useQuantity, useStudy } from '../study/study-context';

/** Stillness of the hand after which plans are looked for, ms. */
const REST_MS = 250;

/** One plan with the choice it stands for. */
export interface Offered {
  readonly choice: PlanChoice;
  readonly plan: PhasedPlan;
}

/** Plans in two steps as far as they are found. */
export interface PlanState {
  /** Share of the pairs looked through, 0 to 1; null when nothing is under way. */
  readonly looking: number | null;
  readonly problem: string | null;
  /** Quantity the plans are for; null until some are found. */
  readonly q: number | null;
  readonly offered: readonly Offered[];
  readonly single: PhasedPlan | null;
  readonly cheapest: PhasedPlan | null;
  /** The plan the brief has adopted, at its own switch; null where none is, or it cannot be made. */
  readonly adopted: PhasedPlan | null;
  readonly deliveries: readonly PlanDue[];
}

/**
 * Looks for plans in two steps at the quantity of the rail, in a worker: ended when the rail moves, begun again at rest.
 * @param wanted false looks for nothing
 */
export function usePhasedPlan(wanted = true): PlanState {
  const { brief, school, rates, orderDate, study } = useStudy('brief', 'school', 'rates', 'orderDate', 'study');
  const { q } = useQuantity();
  const [found, setFound] = useState<PlanFound | null>(null);
  const [looking, setLooking] = useState<number | null>(wanted ? 0 : null);
  const [problem, setProblem] = useState<string | null>(null);
  const hear = useCallback((answer: PlanAnswer) => {
    startTransition(() => {
      setLooking(answer.kind === 'progress' ? answer.share : null);
      if (answer.kind === 'found') setFound(answer.found);
      setProblem(answer.kind === 'refused' ? answer.message : null);
    });
  }, []);
  useEffect(() => {
    if (!wanted) return;
    const timer = setTimeout(() => {
      setLooking(0);
      planWorker.ask({ brief, school, rates, orderDate, q }, hear);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      planWorker.stop(hear);
    };
  }, [wanted, brief, school, rates, orderDate, q, hear]);
  const worked = useMemo(() => {
    if (found === null) return { offered: [], single: null, cheapest: null, adopted: null };
    const { deliveries } = found;
    const single = (id: string | null, soon: boolean): PhasedPlan | null =>
      id === null ? null : orNull(() => singleAt(study, found.q, id, deliveries, soon));
    return {
      offered: found.plans.flatMap((choice): Offered[] => {
        const plan = orNull(() => planAt(study, found.q, choice, deliveries));
        return plan === null ? [] : [{ choice, plan }];
      }),
      single: single(found.single, true),
      cheapest: single(found.cheapest, false),
      adopted: brief.plan === null ? null : orNull(() => planAt(study, found.q, brief.plan as PlanChoice, deliveries)),
    };
  }, [found, study, brief.plan]);
  return { looking, problem, q: found?.q ?? null, deliveries: found?.deliveries ?? NO_DUES, ...worked };
}

const NO_DUES: readonly PlanDue[] = [];

/** A plan that the brief no longer allows is left out until new ones are found. */
function orNull<T>(work: () => T): T | null {
  try {
    return work();
  } catch {
    return null;
  }
}
