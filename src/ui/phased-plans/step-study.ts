import type { Study } from '@/core/study';
import { studyOfStep, type PlanStep } from '@/core/phased-plans';
import { laneTimeline, timelineWithHolidays } from '@/core/schedule';
import { laneWords } from '@/core/catalogue/routes';
import type { Delivery } from '../calendar/use-deliveries';
import type { StudyAt } from '../working/figure-at';

/** The study in which one step of a plan is the whole programme of its lane, for its workings. */
export function stepStudy(study: Study, { laneId, pieces, layout }: PlanStep, words: string): StudyAt {
  const { n, nt } = layout.cost.plan;
  return { study: studyOfStep(study, { laneId, pieces, layout: [n, nt] }), q: pieces, words };
}

/** A step on the calendar, as a lane is. */
export function stepDelivery(study: Study, step: PlanStep): Delivery {
  const { calendar } = study.rates;
  const order = study.brief.quantity.orderDate;
  const { cost, time } = step.layout;
  return {
    id: step.laneId,
    name: laneWords(step.laneId).route,
    variant: laneWords(step.laneId).variant,
    curve: [],
    when: () => null,
    timeline: timelineWithHolidays(laneTimeline(cost.model, cost.plan, time, step.pieces), order, calendar),
    firstArticle_d: step.firstArticle_d,
    lastPart_d: step.lastPart_d,
  };
}
