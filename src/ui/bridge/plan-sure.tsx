'use client';
import { Fragment, useMemo } from 'react';
import { openPlan, PLAN, StudyWorkings, type BridgePlan, type PlanChoice, type PlanDue } from '@/core/phased-plans';
import { DRAWN, doubtOf, drawnWords, sureTold } from '@/core/decision';
import type { DrawnPlan } from '@/core/simulation';
import { DRAWN_AGAIN } from '../doubt/doubt-state';
import { useDoubt } from '../doubt/use-doubt';
import { useDoubtShown } from '../preferences';
import { useStudy } from '../study/study-context';
import type { Frozen } from '../working/figure-at';
import { Told } from '../working/told';

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
  const { summary, error, nothing, q, behind } = useDoubt(shown === 'shown', DRAWN, drawn, false);
  const frozen = useMemo<Frozen>(() => ({ study, q, words: '', plan: drawn }), [study, q, drawn]);
  if (shown === 'hidden' || nothing) return null;
  const doubt = summary === null ? null : doubtOf(summary, PLAN, DRAWN, [], drawn);
  if (error !== null) return <p className="small bad">Not drawn: {error}</p>;
  if (doubt === null)
    return (
      <p className="small quiet" role="status">
        Drawing …
      </p>
    );
  const of = {
    laneId: PLAN,
    currency: study.rates.currency.code,
    due: brief.quantity.firstDelivery,
    planned: true,
    workings: new StudyWorkings(study, q, drawn.open, dues),
  };
  return (
    <div data-testid="plan-sure" aria-busy={behind}>
      <p>
        {sureTold(doubt, of).map((told, i) => (
          <Fragment key={i}>
            {i > 0 && ' '}
            <Told told={told} frozen={frozen} />
          </Fragment>
        ))}
      </p>
      <p className="small quiet">{behind ? DRAWN_AGAIN : drawnWords(doubt)}</p>
    </div>
  );
}
