import type { Alloy } from '@/core/catalogue/alloys';
import type { AlloyPair } from '@/core/comparison/alloys';
import type { CostCurves } from '@/core/comparison/board';
import type { FieldEffect } from '@/core/comparison/next-fields';
import type { Brief } from '@/core/brief';
import type { CoreIssue } from '@/core/base/errors';
import type { TolerancePolicy } from '@/core/part';
import type { RateRef } from '@/core/rates';
import type { RequirementCost } from '@/core/comparison/requirements';

/** What a question about a study rests on. */
export interface StudyAsked {
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  readonly rates: RateRef;
}

/** What the worker is asked; `id` comes back with the answer. */
export type CostCurvesRequest =
  | ({ readonly id: number; readonly kind: 'cost-curves' } & StudyAsked)
  | ({
      readonly id: number;
      readonly kind: 'requirements';
      readonly q: number;
      readonly orderDate: string;
    } & StudyAsked)
  | ({ readonly id: number; readonly kind: 'alloys'; readonly q: number } & StudyAsked)
  | ({
      readonly id: number;
      readonly kind: 'next-fields';
      readonly paths: readonly string[];
      readonly q: number;
    } & StudyAsked);

/** What it answers: a result, or what was refused, as data. */
export type CostCurvesAnswer =
  | { readonly id: number; readonly kind: 'cost-curves'; readonly curves: CostCurves; readonly ms: number }
  | {
      readonly id: number;
      readonly kind: 'requirements';
      readonly costs: readonly RequirementCost[];
      readonly q: number;
      readonly ms: number;
    }
  | {
      readonly id: number;
      readonly kind: 'alloys';
      readonly pairs: readonly AlloyPair[];
      /** The alloys of the pairs, at the prices of the rate set. */
      readonly alloys: readonly Alloy[];
      readonly q: number;
      readonly ms: number;
    }
  | {
      readonly id: number;
      readonly kind: 'next-fields';
      readonly effects: readonly FieldEffect[];
      readonly ms: number;
    }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
