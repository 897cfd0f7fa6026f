'use client';
import { useMemo } from 'react';
import { openPlan, PLAN, type BridgePlan, type PlanChoice, type PlanDue } from '@/core/bridge';
import { DRAWN, doubtOf, doubtSentences, drawnWords } from '@/core/decision';
import type { DrawnPlan } from '@/core/doubt';
import { useDoubt } from '../doubt/use-doubt';
import { useDoubtShown } from '../preferences';
import { useStudy } from '../study/study-context';

/** How sure a plan in two steps is, drawn over the sums of both steps; nothing where doubt is hidden. */
export function PlanSure({
  choice,
  plan,
  single,
  dues,
}: {
  readonly choice: PlanChoice;
  readonly plan: BridgePlan;
  /** The route alone that it is set against, or null. */
  readonly single: BridgePlan | null;
  readonly dues: readonly PlanDue[];
}) {
  const { study, brief } = useStudy();
  const [shown] = useDoubtShown();
  const drawn = useMemo<DrawnPlan>(
    () => ({ choice, open: openPlan(plan, single), dues }),
    [choice, plan, single, dues],
  );
  const { summary, error, nothing } = useDoubt(shown === 'shown', DRAWN, drawn, false);
  if (shown === 'hidden' || nothing) return null;
  const doubt = summary === null ? null : doubtOf(summary, PLAN, DRAWN, [], drawn);
  if (error !== null) return <p className="small bad">Not drawn: {error}</p>;
  if (doubt === null)
    return (
      <p className="small quiet" role="status">
        Drawing …
      </p>
    );
  return (
    <div data-testid="plan-sure">
      <p>{doubtSentences(doubt, PLAN, study.rates.currency.code, brief.quantity.firstDelivery, true).join(' ')}</p>
      <p className="small quiet">{drawnWords(doubt)}</p>
    </div>
  );
}
