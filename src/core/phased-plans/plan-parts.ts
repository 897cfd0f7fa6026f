import { computed, type Working, type WorkingSymbol } from '../equations';
import type { PlanDue } from './deliveries';
import type { PhasedPlan, PlanStep } from './plan';
import type { StepAt } from './step-study';

/** Name under which the figures of a plan are kept, beside those of lanes. */
export const PLAN = 'plan';
/** The first and second step of a plan, each alone. */
export const STEPS = ['plan.1', 'plan.2'] as const;
/** The best route alone that a plan is set against, laid out for the deliveries. */
export const ALONE = 'plan.alone';

/** A plan whose figures can be opened. A plan as kept with a decision is one. */
export interface OpenPlan {
  readonly steps: readonly StepAt[];
  /** The route alone it is set against; null where none delivers as soon. */
  readonly alone: StepAt | null;
}

const at = ({ laneId, pieces, layout }: PlanStep): StepAt => ({
  laneId,
  pieces,
  layout: [layout.cost.plan.n, layout.cost.plan.nt],
});

/**
 * A plan that is worked out, as one whose figures can be opened. @param single the route alone it is set against
 *
 * @example
 * openPlan(plan, null).steps.length // 2
 */
export function openPlan(plan: PhasedPlan, single: PhasedPlan | null): OpenPlan {
  const [alone] = single?.steps ?? [];
  return { steps: plan.steps.map(at), alone: alone === undefined ? null : at(alone) };
}

/** What the figures of a plan are made from. */
export interface PlanParts {
  readonly plan: OpenPlan;
  readonly q: number;
  readonly deliveries: readonly PlanDue[];
  /** A figure of a step. */
  readonly of: (step: (typeof STEPS)[number], figure: string) => Working;
  /** Days from the order with the holidays in them. */
  readonly shut: (days: number) => number;
}

/** The steps in words. */
export const WORDS = ['first step', 'second step'] as const;

/** Symbols of the same figure of both steps, each opening its own working. */
export function both(p: PlanParts, letter: string, meaning: string, figure: string): [WorkingSymbol, WorkingSymbol] {
  const one = (i: 0 | 1): WorkingSymbol => {
    const w = p.of(STEPS[i], figure);
    const words = `${meaning} of the ${WORDS[i]}`;
    return { ...computed(`${letter}${i + 1}`, words, w.value, w.unit, figure), opensLane: STEPS[i] };
  };
  return [one(0), one(1)];
}

/** A working before it has its name. */
export type UnnamedWorking = Omit<Working, 'figure'>;

/** Pieces of a step, as the plan has them. */
export const piecesOf = (p: PlanParts, i: 0 | 1): WorkingSymbol => ({
  ...computed(`P${i + 1}`, `pieces of the ${WORDS[i]}`, p.plan.steps[i]?.pieces ?? 0, 'pieces'),
  source: 'choice',
});
