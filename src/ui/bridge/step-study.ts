import { prepareStudy, type Study } from '@/core/board';
import type { PlanStep } from '@/core/bridge';
import { laneTimeline, timelineWithHolidays } from '@/core/calendar';
import { laneWords } from '@/core/routes';
import type { Delivery } from '../calendar/use-deliveries';
import type { Frozen } from '../working/sheets';

/** One step of a plan: so many pieces on a lane, with its positions in a pour and the cavities of its tool. */
interface StepAt {
  readonly laneId: string;
  readonly pieces: number;
  readonly layout: readonly [number, number];
}

/** The study in which one step of a plan is the whole programme of its lane, laid out as the plan has it. */
export function studyOfStep(study: Study, { laneId, pieces, layout }: StepAt, words: string): Frozen {
  const { held } = study.brief;
  const layouts: Record<string, [number, number]> = { ...held.layouts, [laneId]: [layout[0], layout[1]] };
  const brief = { ...study.brief, held: { ...held, layouts } };
  return { study: prepareStudy(brief, study.school, study.rates), q: pieces, words };
}

/** The same for a step that is worked out. */
export function stepStudy(study: Study, { laneId, pieces, layout }: PlanStep, words: string): Frozen {
  const { n, nt } = layout.cost.plan;
  return studyOfStep(study, { laneId, pieces, layout: [n, nt] }, words);
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
    timeline: timelineWithHolidays(laneTimeline(cost.model, cost.plan, time, step.pieces), order, calendar),
    firstArticle_d: step.firstArticle_d,
    lastPart_d: step.lastPart_d,
  };
}
