'use client';
import { useMemo } from 'react';
import { StudyWorkings } from '@/core/phased-plans';
import { drawnOf, keptOf, type KeptPlan } from '@/core/decision';
import type { DrawnPlan } from '@/core/simulation';
import type { PlanState } from '../phased-plans/use-phased-plan';
import { useQuantity, useStudy } from '../study/study-context';
import type { StudyAt } from '../working/figure-at';

/** The adopted plan at the quantity of the rail: as it would be kept, as it is drawn, and with its workings. */
export interface OpenedPlan {
  readonly plan: KeptPlan;
  readonly drawn: DrawnPlan;
  readonly workings: StudyWorkings;
  readonly studyAt: StudyAt;
}

/** The plan that the brief has adopted; null where none is, while it is worked out, and where it cannot be made. */
export function useOpenedPlan({ adopted, single, deliveries, q: foundAt }: PlanState): OpenedPlan | null {
  const { study, brief } = useStudy('study', 'brief');
  const { q } = useQuantity();
  return useMemo(() => {
    if (brief.plan === null || adopted === null || foundAt !== q) return null;
    const plan = keptOf(brief.plan, adopted, single, deliveries);
    const drawn = drawnOf(plan);
    return {
      plan,
      drawn,
      workings: new StudyWorkings(study, q, drawn.open, deliveries),
      studyAt: { study, q, words: '', plan: drawn },
    };
  }, [study, brief.plan, adopted, single, deliveries, foundAt, q]);
}
