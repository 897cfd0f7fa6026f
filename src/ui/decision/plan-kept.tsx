import { Text } from '@chakra-ui/react';
import { planExplanation, type KeptPlan } from '@/core/decision';
import { plain } from '@/core/explanation';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

/** A plan in two steps as signed: who pours what, for how much, by when. */
export function PlanKept({
  plan,
  studyAt,
  currency,
  orderDate,
}: {
  readonly plan: KeptPlan;
  /** The study it was made on, with the plan, from which its workings are opened; undefined where that cannot be. */
  readonly studyAt: StudyAt | undefined;
  readonly currency: string;
  readonly orderDate: string;
}) {
  return (
    <div data-testid="kept-plan">
      {planExplanation(plan, currency, orderDate).map((explanation, i) => (
        <Text key={i} my="0.5">
          {studyAt === undefined ? plain(explanation) : <Explained explanation={explanation} studyAt={studyAt} />}
        </Text>
      ))}
    </div>
  );
}
