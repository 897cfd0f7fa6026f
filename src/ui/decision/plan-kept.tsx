'use client';
import type { Study } from '@/core/board';
import type { KeptPlan } from '@/core/decision';
import { shortName } from '@/core/routes';
import { studyOfStep } from '../bridge/step-study';
import { dateAfter, perPart, whole } from '../format';
import { useSheets } from '../working/sheets';

/** A plan in two steps as signed: who pours what, for how much, by when. */
export function PlanKept({
  plan,
  study,
  currency,
  orderDate,
}: {
  readonly plan: KeptPlan;
  /** The study it was made on, from which a step's working is opened; null where it cannot be worked out again. */
  readonly study: Study | null;
  readonly currency: string;
  readonly orderDate: string;
}) {
  const { openWorking } = useSheets();
  const [worst] = plan.late;
  const reusedOf = (i: number): number => (i > 0 ? plan.reused : 0);
  return (
    <div data-testid="kept-plan">
      {plan.steps.map((s, i) => (
        <p key={s.laneId} style={{ margin: '3px 0' }}>
          {i === 0 ? 'First' : 'Then'} <strong>{whole(s.pieces)}</strong> on {shortName(s.laneId)}:{' '}
          {study === null ? (
            whole(s.total + reusedOf(i))
          ) : (
            <button
              type="button"
              className="told"
              title="Open the working"
              onClick={() =>
                openWorking({ laneId: s.laneId, figure: 'total' }, studyOfStep(study, s, 'as a step of the plan'))
              }
            >
              {whole(s.total + reusedOf(i))}
            </button>
          )}{' '}
          {currency}
          {reusedOf(i) > 0 && `, less ${whole(plan.reused)} ${currency} that the first tool leaves`}, first parts{' '}
          {dateAfter(orderDate, s.firstArticle_d)}, last {dateAfter(orderDate, s.lastPart_d)}.
        </p>
      ))}
      <p style={{ margin: '3px 0' }}>
        The steps together {whole(plan.total)} {currency}, over {whole(plan.q)} pieces {perPart(plan.allIn)} {currency}{' '}
        a part
        {plan.reused > 0 && `, ${whole(plan.reused)} ${currency} of it saved by what the first tool leaves`}.{' '}
        {plan.single === null
          ? 'No route alone delivers as soon. '
          : `The best route alone that delivers as soon, ${shortName(plan.single.laneId)}, costs ${whole(plan.single.total)} ${currency}. `}
        {plan.asked === 0
          ? 'No day is asked.'
          : worst === undefined
            ? 'Every day asked is met.'
            : `Late: ${plan.late
                .slice(0, 3)
                .map((d) => `${d.name} by ${d.late_d} days`)
                .join(', ')}.`}{' '}
        {plan.asked > 0 && `The second tool may be ordered until ${dateAfter(orderDate, plan.waits_d)}.`}
      </p>
    </div>
  );
}
