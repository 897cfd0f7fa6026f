'use client';
import { Heading, HStack, Progress, Text } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { useMemo } from 'react';
import { isApproved, MOST_WAIT_D, type PhasedPlan, type PlanChoice, type PlanStep } from '@/core/phased-plans';
import { shortName } from '@/core/catalogue/routes';
import { dateAfter, whole } from '../format';
import { Timelines } from '../calendar/timelines';
import { useStudy } from '../study/study-context';
import { Explained } from '../working/explained';
import { withPlan } from './opened';
import { PlanSure } from './plan-sure';
import { PlanTable, type PlanRow } from './plan-table';
import { PutOff } from './put-off';
import { stepDelivery } from './step-study';
import { SwitchField } from './switch-field';
import type { PlanState } from './use-phased-plan';
import { planVerdict, planWords } from './words';

const same = (a: PlanChoice, b: PlanChoice | null): boolean =>
  b !== null && a.first === b.first && a.then === b.then && a.pieces === b.pieces;

/** Bridge on one route while the tool of another is made, then switch: the best plans beside the best route alone. */
export function PhasedPlanSection({
  planState,
  onOpen,
}: {
  readonly planState: PlanState;
  readonly onOpen: (step: PlanStep) => void;
}) {
  const { brief, study, setBrief, orderDate } = useStudy('brief', 'study', 'setBrief', 'orderDate');
  const { offered, single, cheapest, adopted, looking, problem, deliveries } = planState;
  const best = offered[0]?.plan ?? null;
  const shown = adopted ?? best;
  const choice = adopted === null ? (offered[0]?.choice ?? null) : brief.plan;
  const steps = useMemo(
    () => (shown === null ? [] : shown.steps.map((step) => stepDelivery(study, step))),
    [study, shown],
  );
  const rows = useMemo(() => rowsOf(planState, brief.plan), [planState, brief.plan]);
  const adopt = (plan: PlanChoice | null): void => setBrief({ ...brief, plan });
  return (
    <Section
      title="Two-step plan"
      under="start on one route while the tool of the other is made, then switch; every pair and every switch compared"
      aria-label="Two-step plan"
      data-testid="phased-plan"
    >
      {problem !== null && (
        <Text color="alarm" role="alert">
          No plan was found: {problem}
        </Text>
      )}
      {looking !== null && (
        <HStack textStyle="label" color="fg.muted" role="status" gap="3">
          <Progress.Root value={100 * looking} width="40" aria-label="Pairs of routes compared">
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
          Comparing every pair of routes
        </HStack>
      )}
      {planState.q !== null && (
        <>
          <Text data-testid="plan-verdict">
            <Explained
              explanation={planVerdict(best, single, cheapest, study.rates.currency.code)}
              studyAt={
                best === null
                  ? undefined
                  : withPlan(study, { plan: best, choice: offered[0]?.choice ?? null, against: single, deliveries })
              }
            />
          </Text>
          <PutOff deliveries={deliveries} orderDate={orderDate} />
          {rows.length > 0 && <PlanTable rows={rows} against={single} deliveries={deliveries} onAdopt={adopt} />}
          {brief.plan !== null && adopted !== null && (
            <SwitchField
              plan={brief.plan}
              most={adopted.q - 1}
              onChange={(pieces) => adopt({ ...(brief.plan as PlanChoice), pieces })}
            />
          )}
          {brief.plan !== null && adopted === null && looking === null && (
            <Text textStyle="label" role="status">
              The adopted plan does not work at this quantity: one of its routes is ruled out, or its first{' '}
              {whole(brief.plan.pieces)} pieces are the whole programme.{' '}
              <FigureButton onClick={() => adopt(null)}>Remove the plan</FigureButton>
            </Text>
          )}
          {shown !== null && (
            <>
              <Heading as="h3" mt="2.5">
                {planWords(shown)}
              </Heading>
              <Timelines
                deliveries={steps}
                ofPlan
                onOpen={(id) => {
                  const step = shown.steps.find((x) => x.laneId === id);
                  if (step !== undefined) onOpen(step);
                }}
              />
              <Terms plan={shown} orderDate={orderDate} />
              {choice !== null && <PlanSure choice={choice} plan={shown} single={single} deliveries={deliveries} />}
            </>
          )}
        </>
      )}
    </Section>
  );
}

function rowsOf({ offered, single, cheapest, adopted }: PlanState, choice: PlanChoice | null): PlanRow[] {
  const rows = offered.map(({ choice: of, plan }, i): PlanRow => ({
    key: `plan-${i + 1}`,
    words: i === 0 ? 'best two-step plan' : 'another pair',
    plan,
    choice: of,
    adopted: same(of, choice),
  }));
  if (adopted !== null && !rows.some((r) => r.adopted))
    rows.unshift({ key: 'adopted', words: 'adopted, with your switch', plan: adopted, choice, adopted: true });
  if (single !== null)
    rows.push({
      key: 'single',
      words: 'best single route that is as soon',
      plan: single,
      choice: null,
      adopted: false,
    });
  if (cheapest !== null && cheapest.steps[0]?.laneId !== single?.steps[0]?.laneId)
    rows.push({ key: 'cheapest', words: 'cheapest single route', plan: cheapest, choice: null, adopted: false });
  return rows;
}

/** What the plan rests on, in words. */
function Terms({ plan, orderDate }: { readonly plan: PhasedPlan; readonly orderDate: string }) {
  const [first, then] = plan.steps;
  if (first === undefined || then === undefined) return null;
  const approved = (pieces: number): string =>
    isApproved(pieces) ? 'first article approved' : 'too few to wait for approval';
  return (
    <Text textStyle="label" color="fg.muted">
      Both tools are paid in full
      {plan.reuse === null
        ? '; nothing of the first tool is reused'
        : ` except ${Math.round(plan.reuse.share[1] * 100)} % of the second (${Math.round(plan.reuse.share[0] * 100)}–${Math.round(plan.reuse.share[2] * 100)} %, assumed): ${plan.reuse.why}`}
      . {shortName(first.laneId).replace(/^./, (c) => c.toUpperCase())}: {approved(first.pieces)};{' '}
      {shortName(then.laneId)}: {approved(then.pieces)}. Both are ordered at once;{' '}
      {plan.deliveries.length === 0 || plan.waits_d >= MOST_WAIT_D
        ? 'no delivery needs the second, so it can wait.'
        : `the second can be ordered until ${dateAfter(orderDate, plan.waits_d)} without missing a delivery.`}
    </Text>
  );
}
