import type { PlanChoice, PlanDue } from '@/core/phased-plans';
import type { CoreIssue } from '@/core/base/errors';
import type { StudyAsked } from './survey.protocol';

/** For which study and quantity plans in two steps are looked for. */
export interface BridgeAsked extends StudyAsked {
  readonly q: number;
  readonly orderDate: string;
}

export type BridgeRequest = { readonly id: number } & BridgeAsked;

/** What was found, as choices: who hears it works them out. */
export interface BridgeFound {
  readonly q: number;
  readonly plans: readonly PlanChoice[];
  /** Lane that alone delivers all in time at least money, and the cheapest whatever it delivers; null where none. */
  readonly single: string | null;
  readonly cheapest: string | null;
  readonly dues: readonly PlanDue[];
}

export type BridgeAnswer =
  | { readonly id: number; readonly kind: 'progress'; readonly share: number }
  | { readonly id: number; readonly kind: 'found'; readonly found: BridgeFound; readonly ms: number }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
