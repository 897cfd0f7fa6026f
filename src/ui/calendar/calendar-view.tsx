'use client';
import { Section } from '../kit';
import { Text } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { dayOfPlan, PLAN, type PlanStep } from '@/core/phased-plans';
import { neededPieces } from '@/core/brief';
import { plainDate, whole } from '../format';
import { late, Near } from '../late';
import { useStudy } from '../study/study-context';
import { DeliveryChart } from './delivery-chart';
import { NeededTable } from './needed-table';
import { Timelines } from './timelines';
import { withPlan } from '../phased-plans/opened';
import { stepDelivery } from '../phased-plans/step-study';
import { usePhasedPlan } from '../phased-plans/use-phased-plan';
import { pays, planWords } from '../phased-plans/words';
import { useDeliveries, type Delivery } from './use-deliveries';

const PhasedPlanSection = late(() => import('../phased-plans/phased-plan-section').then((m) => m.PhasedPlanSection));
const LotSection = late(() => import('./lot-section').then((m) => m.LotSection));
const QuotesBeside = late(() => import('../quotes/quotes-beside').then((m) => m.QuotesBeside));
const StepsSheet = late(() => import('./steps-sheet').then((m) => m.StepsSheet));

/** When parts come: good pieces against the calendar, the wanted dates, and the steps that fill the time. */
export function CalendarView() {
  const { brief, study, orderDate, quoteCount } = useStudy('brief', 'study', 'orderDate', 'quoteCount');
  const { deliveries, q } = useDeliveries();
  const needed = useMemo(() => neededPieces(brief), [brief]);
  const [openId, setOpenId] = useState<string | null>(null);
  const planState = usePhasedPlan(study.missing.length === 0 && deliveries.length > 0);
  const drawn = useMemo(() => {
    const { adopted, single, deliveries: required } = planState;
    const [best] = planState.offered;
    const plan = adopted ?? (best !== undefined && pays(best.plan, single) ? best.plan : null);
    if (plan === null || planState.q !== q) return deliveries;
    const choice = adopted === null ? (best?.choice ?? null) : brief.plan;
    const line: Delivery = {
      id: PLAN,
      name: 'Two-step plan',
      variant: planWords(plan),
      curve: plan.curve,
      timeline: null,
      firstArticle_d: plan.firstArticle_d,
      lastPart_d: plan.lastPart_d,
      when: (pieces) => dayOfPlan(study, plan, pieces),
      studyAt: withPlan(study, { plan, choice, against: single, deliveries: required }),
    };
    return [line, ...deliveries];
  }, [planState, deliveries, q, study, brief.plan]);
  const opened = deliveries.find((d) => d.id === openId);
  const [openStep, setOpenStep] = useState<PlanStep | null>(null);
  const page = useMemo(() => {
    if (openStep !== null) return { delivery: stepDelivery(study, openStep), step: openStep };
    return opened === undefined ? null : { delivery: opened };
  }, [study, opened, openStep]);
  const [met, setMet] = useState(false);
  if (page !== null && !met) setMet(true);
  const close = (): void => {
    setOpenId(null);
    setOpenStep(null);
  };
  if (study.missing.length > 0)
    return <Text mt="6">The calendar appears once the brief has what the board needs.</Text>;
  if (deliveries.length === 0) return <Text mt="6">No route is left, so nothing is delivered.</Text>;
  return (
    <>
      <Section
        title="Good parts"
        under={
          <>
            up to {whole(q)}, ordered on {plainDate(orderDate)}; one tool and the usual share of the shop
          </>
        }
      >
        <DeliveryChart deliveries={drawn} needed={needed} orderDate={orderDate} q={q} />
      </Section>
      <Section title="Deliveries">
        <NeededTable deliveries={drawn} needed={needed} orderDate={orderDate} onOpen={setOpenId} />
      </Section>
      <Near height="30rem">
        <PhasedPlanSection planState={planState} onOpen={setOpenStep} />
      </Near>
      <Section title="Schedule" under="the coloured line is the first article">
        <Timelines deliveries={deliveries} onOpen={setOpenId} />
      </Section>
      {quoteCount > 0 && (
        <Near height="16rem">
          <QuotesBeside show="dates" />
        </Near>
      )}
      <Near height="24rem">
        <LotSection deliveries={deliveries} />
      </Near>
      {met && <StepsSheet page={page} onClose={close} />}
    </>
  );
}
