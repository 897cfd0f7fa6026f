import type { Study } from '../study';
import {
  deliveriesOf,
  openPlan,
  planAt,
  searchPlans,
  singleAt,
  type PhasedPlan,
  type PlanChoice,
  type PlanDue,
  type PlanSearch,
  type StepAt,
} from '../phased-plans';
import type { DrawnPlan } from '../simulation';

/** A plan in two steps as kept with a decision. Money in the study's currency, days from the order, holidays counted. */
export interface KeptPlan extends PlanChoice {
  readonly q: number;
  readonly steps: readonly {
    readonly laneId: string;
    readonly pieces: number;
    readonly total: number;
    /** Positions in a pour and cavities of the tool. */
    readonly layout: readonly [number, number];
    readonly firstArticle_d: number;
    readonly lastPart_d: number;
  }[];
  readonly reused: number;
  readonly reuseWhy: string | null;
  readonly total: number;
  readonly allIn: number;
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
  readonly waits_d: number;
  /** Deliveries that come late, worst first. */
  readonly late: readonly { readonly name: string; readonly pieces: number; readonly late_d: number }[];
  /** Deliveries asked. */
  readonly asked: number;
  /** The best route alone that delivers as soon, or null. */
  readonly single: { readonly laneId: string; readonly total: number } | null;
  /** That route laid out for the deliveries, and the days looked for; missing in records of earlier builds. */
  readonly alone?: StepAt | null;
  readonly deliveries?: readonly PlanDue[];
}

/**
 * A kept plan as it is drawn, and as its figures are opened.
 *
 * @example
 * drawnOf(kept).choice.pieces === kept.pieces // true
 */
export const drawnOf = ({ first, then, pieces, steps, alone = null, deliveries = [] }: KeptPlan): DrawnPlan => ({
  choice: { first, then, pieces },
  open: { steps: steps.map(({ laneId, pieces: of, layout }) => ({ laneId, pieces: of, layout })), alone },
  deliveries,
});

/**
 * A plan worked out for keeping, beside the best route alone.
 * @throws {CoreError} E_RANGE where the plan cannot be made at that quantity
 * @example
 * keptPlan(study, planned.q, '2027-01-04', planned.drawn.choice).total === kept.total // true
 */
export function keptPlan(study: Study, q: number, orderDate: string, choice: PlanChoice): KeptPlan {
  const { deliveries, single } = searched(study, q, orderDate);
  const plan = planAt(study, q, choice, deliveries);
  return keptOf(choice, plan, single === null ? null : singleAt(study, q, single.laneId, deliveries, true), deliveries);
}

/**
 * A plan that is worked out already, as it is kept.
 * @param single the best route alone that delivers as soon
 * @param deliveries the days looked for
 * @example
 * keptOf(planned.drawn.choice, plan, null, []).single // null
 */
export function keptOf(
  choice: PlanChoice,
  plan: PhasedPlan,
  single: PhasedPlan | null,
  deliveries: readonly PlanDue[],
): KeptPlan {
  const alone = single === null ? null : { laneId: single.steps[0]?.laneId ?? '', total: single.total };
  return { ...choice, ...figuresOf(plan), single: alone, alone: openPlan(plan, single).alone, deliveries };
}

function searched(study: Study, q: number, orderDate: string): PlanSearch {
  const steps = searchPlans(study, q, deliveriesOf(study, q, orderDate), 1);
  for (let s = steps.next(); ; s = steps.next()) if (s.done) return s.value;
}

function figuresOf(plan: PhasedPlan): Omit<KeptPlan, keyof PlanChoice | 'single' | 'alone' | 'deliveries'> {
  return {
    q: plan.q,
    steps: plan.steps.map((s) => ({
      laneId: s.laneId,
      pieces: s.pieces,
      total: s.total,
      layout: [s.layout.cost.plan.n, s.layout.cost.plan.nt],
      firstArticle_d: s.firstArticle_d,
      lastPart_d: s.lastPart_d,
    })),
    reused: plan.reused,
    reuseWhy: plan.reuse?.why ?? null,
    total: plan.total,
    allIn: plan.allIn,
    firstArticle_d: plan.firstArticle_d,
    lastPart_d: plan.lastPart_d,
    waits_d: plan.waits_d,
    late: plan.deliveries
      .filter((d) => d.late_d > 0)
      .toSorted((a, b) => b.late_d - a.late_d)
      .map((d) => ({ name: d.due.name, pieces: d.due.pieces, late_d: d.late_d })),
    asked: plan.deliveries.length,
  };
}
