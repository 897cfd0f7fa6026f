import { planTold, type KeptPlan } from '@/core/decision';
import { plain } from '@/core/explanation';
import type { Frozen } from '../working/figure-at';
import { Told } from '../working/told';

/** A plan in two steps as signed: who pours what, for how much, by when. */
export function PlanKept({
  plan,
  frozen,
  currency,
  orderDate,
}: {
  readonly plan: KeptPlan;
  /** The study it was made on, with the plan, from which its workings are opened; undefined where that cannot be. */
  readonly frozen: Frozen | undefined;
  readonly currency: string;
  readonly orderDate: string;
}) {
  return (
    <div data-testid="kept-plan">
      {planTold(plan, currency, orderDate).map((told, i) => (
        <p key={i} style={{ margin: '3px 0' }}>
          {frozen === undefined ? plain(told) : <Told told={told} frozen={frozen} />}
        </p>
      ))}
    </div>
  );
}
