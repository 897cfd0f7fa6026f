'use client';
import { Text } from '@chakra-ui/react';
import { Fragment, useMemo } from 'react';
import { openPlan, PLAN, StudyWorkings, type PhasedPlan, type PlanChoice, type PlanDue } from '@/core/phased-plans';
import { DRAWN, simulationOf, drawnWords, certaintyExplanation } from '@/core/decision';
import type { DrawnPlan } from '@/core/simulation';
import { DRAWN_AGAIN } from '../simulation/simulation-state';
import { useSimulation } from '../simulation/use-simulation';
import { useSpreadShown } from '../preferences';
import { useStudy } from '../study/study-context';
import type { StudyAt } from '../working/figure-at';
import { Explained } from '../working/explained';

/** How sure a plan in two steps is, drawn over the sums of both steps; nothing where the spread is hidden. */
export function PlanSure({
  choice,
  plan,
  single,
  deliveries,
}: {
  readonly choice: PlanChoice;
  readonly plan: PhasedPlan;
  /** The route alone that it is set against, or null. */
  readonly single: PhasedPlan | null;
  readonly deliveries: readonly PlanDue[];
}) {
  const { study, brief } = useStudy('study', 'brief');
  const [shown] = useSpreadShown();
  const drawn = useMemo<DrawnPlan>(
    () => ({ choice, open: openPlan(plan, single), deliveries }),
    [choice, plan, single, deliveries],
  );
  const { summary, error, nothing, q, behind } = useSimulation(shown === 'shown', DRAWN, drawn, false);
  const studyAt = useMemo<StudyAt>(() => ({ study, q, words: '', plan: drawn }), [study, q, drawn]);
  if (shown === 'hidden' || nothing) return null;
  const simulation = summary === null ? null : simulationOf(summary, PLAN, DRAWN, [], drawn);
  if (error !== null)
    return (
      <Text textStyle="label" color="alarm">
        Not drawn: {error}
      </Text>
    );
  if (simulation === null)
    return (
      <Text textStyle="label" color="fg.muted" role="status">
        Drawing …
      </Text>
    );
  const of = {
    laneId: PLAN,
    currency: study.rates.currency.code,
    due: brief.quantity.firstDelivery,
    planned: true,
    workings: new StudyWorkings(study, q, drawn.open, deliveries),
  };
  return (
    <div data-testid="plan-sure" aria-busy={behind}>
      <p>
        {certaintyExplanation(simulation, of).map((explanation, i) => (
          <Fragment key={i}>
            {i > 0 && ' '}
            <Explained explanation={explanation} studyAt={studyAt} />
          </Fragment>
        ))}
      </p>
      <Text textStyle="label" color="fg.muted">
        {behind ? DRAWN_AGAIN : drawnWords(simulation)}
      </Text>
    </div>
  );
}
