import type { KeptPlan } from '@/core/decision';
import { shortName } from '@/core/routes';
import { dateAfter, perPart, whole } from '../format';

/** A plan in two steps as signed: who pours what, for how much, by when. */
export function PlanKept({
  plan,
  currency,
  orderDate,
}: {
  readonly plan: KeptPlan;
  readonly currency: string;
  readonly orderDate: string;
}) {
  const [worst] = plan.late;
  return (
    <div data-testid="kept-plan">
      {plan.steps.map((s, i) => (
        <p key={s.laneId} style={{ margin: '3px 0' }}>
          {i === 0 ? 'First' : 'Then'} <strong>{whole(s.pieces)}</strong> on {shortName(s.laneId)}: {whole(s.total)}{' '}
          {currency}, first parts {dateAfter(orderDate, s.firstArticle_d)}, last {dateAfter(orderDate, s.lastPart_d)}.
        </p>
      ))}
      <p style={{ margin: '3px 0' }}>
        Together {whole(plan.total)} {currency}, {perPart(plan.allIn)} {currency} a part
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
