'use client';
import { FigureButton } from '../kit';
import type { ReactNode } from 'react';
import { openPlan, type PhasedPlan, type PlanChoice, type PlanDue } from '@/core/phased-plans';
import type { Study } from '@/core/study';
import { useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { type StudyAt } from '../working/figure-at';

/** A plan, or a route alone, whose figures are opened. */
export interface PlanShown {
  readonly plan: PhasedPlan;
  /** What adopting it writes; null for a route alone. */
  readonly choice: PlanChoice | null;
  /** The route alone that it is measured against. */
  readonly against: PhasedPlan | null;
  readonly deliveries: readonly PlanDue[];
}

/** The study with a plan in it, as the sheet of workings asks for it. */
export function withPlan(study: Study, { plan, choice, against, deliveries }: PlanShown): StudyAt {
  const alone = choice === null ? plan : against;
  return {
    study,
    q: plan.q,
    words: '',
    plan: { choice: choice ?? NO_CHOICE, open: openPlan(plan, alone), deliveries },
  };
}

const NO_CHOICE: PlanChoice = { first: '', then: '', pieces: 1 };

/** A figure of a plan that opens its working; of a route alone, its own. */
export function Opened({
  of,
  id,
  figure,
  children,
}: {
  readonly of: PlanShown;
  /** The plan, a step of it, or the route alone. */
  readonly id: string;
  readonly figure: string;
  readonly children: ReactNode;
}) {
  const { study } = useStudy('study');
  const { openWorking } = useSheets();
  return (
    <FigureButton title="Open the working" onClick={() => openWorking({ laneId: id, figure }, withPlan(study, of))}>
      {children}
    </FigureButton>
  );
}
