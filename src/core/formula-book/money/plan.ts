import { ceilGuarded, notNegative, positive, wholeNumber } from '../../base/checks';

/** A purchase plan in the study's currency. Lives and lots in good pieces; null or absent = endless life, one lot. */
export interface Plan {
  readonly fixed?: number;
  readonly toolFirst?: number;
  /** Default: as the first tool. */
  readonly toolReplace?: number;
  readonly toolLife?: number | null;
  readonly perPart?: number;
  readonly lotSetup?: number;
  readonly lotSize?: number | null;
}

/** A plan with its defaults filled in and every figure checked. */
export interface CheckedPlan {
  readonly fixed: number;
  readonly toolFirst: number;
  readonly toolReplace: number;
  readonly toolLife: number;
  readonly perPart: number;
  readonly lotSetup: number;
  readonly lotSize: number;
}

/**
 * Checks a plan.
 * @throws {CoreError} E_NOT_A_NUMBER, E_SIGN for negative money or a life or lot that is not above zero
 */
export function checkPlan(field: string, plan: Plan): CheckedPlan {
  const first = notNegative(`${field}.toolFirst`, plan.toolFirst ?? 0);
  const orEndless = (name: string, v: number | null | undefined): number =>
    v == null ? Infinity : positive(`${field}.${name}`, v);
  return {
    fixed: notNegative(`${field}.fixed`, plan.fixed ?? 0),
    toolFirst: first,
    toolReplace: notNegative(`${field}.toolReplace`, plan.toolReplace ?? first),
    toolLife: orEndless('toolLife', plan.toolLife),
    perPart: notNegative(`${field}.perPart`, plan.perPart ?? 0),
    lotSetup: notNegative(`${field}.lotSetup`, plan.lotSetup ?? 0),
    lotSize: orEndless('lotSize', plan.lotSize),
  };
}

/** Tools bought by the time q pieces are made; a tool is bought when the piece after its last is needed. */
export const toolsFor = (plan: CheckedPlan, q: number): number =>
  q > 0 ? Math.max(1, ceilGuarded(q / plan.toolLife)) : 0;
/** Lots started by the time q pieces are made. */
export const lotsFor = (plan: CheckedPlan, q: number): number =>
  q > 0 ? Math.max(1, ceilGuarded(q / plan.lotSize)) : 0;

/** Total of a checked plan at q whole pieces, q ≥ 0. */
export function planTotal(plan: CheckedPlan, q: number): number {
  if (q === 0) return 0;
  return (
    plan.fixed +
    plan.toolFirst +
    plan.toolReplace * (toolsFor(plan, q) - 1) +
    plan.lotSetup * lotsFor(plan, q) +
    plan.perPart * q
  );
}

/**
 * Total cost of q parts (formula money.total).
 *
 * @param input.plan the plan, money in the study's currency
 * @param input.q pieces, whole, 0 or more; nothing is bought for 0
 * @returns total, money per part (null at q = 0), tools and lots bought
 * @throws {CoreError} E_RANGE for a fractional q
 * @example
 * totalCost({ plan: { toolFirst: 9500, toolReplace: 9500, toolLife: 4000, perPart: 14.2, lotSetup: 260, lotSize: 1000 }, q: 4200 }).total
 * // 79940
 */
export function totalCost(input: { plan: Plan; q: number }): {
  total: number;
  perPart: number | null;
  tools: number;
  lots: number;
} {
  const plan = checkPlan('plan', input.plan);
  const q = wholeNumber('q', notNegative('q', input.q));
  const total = planTotal(plan, q);
  return { total, perPart: q > 0 ? total / q : null, tools: toolsFor(plan, q), lots: lotsFor(plan, q) };
}
