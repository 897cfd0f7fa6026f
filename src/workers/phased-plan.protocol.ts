import type { PlanChoice, PlanDue } from '@/core/phased-plans';
import type { CoreIssue } from '@/core/base/errors';
import type { StudyAsked } from './cost-curves.protocol';

/** For which study and quantity plans in two steps are looked for. */
export interface PlanAsked extends StudyAsked {
  readonly q: number;
  readonly orderDate: string;
}

export type PlanRequest = { readonly id: number } & PlanAsked;

/** What was found, as choices: who hears it works them out. */
export interface PlanFound {
  readonly q: number;
  readonly plans: readonly PlanChoice[];
  /** Lane that alone delivers all in time at least money, and the cheapest whatever it delivers; null where none. */
  readonly single: string | null;
  readonly cheapest: string | null;
  readonly deliveries: readonly PlanDue[];
}

export type PlanAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly share: number }
  | { readonly id: number; readonly kind: 'found'; readonly found: PlanFound; readonly ms: number }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
