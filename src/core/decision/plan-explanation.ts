import { ALONE, MOST_WAIT_D, PLAN, STEPS } from '../phased-plans';
import { dateAfter } from '../base/day';
import { shortName } from '../catalogue/routes';
import { figure, listed, explain, type Explanation, type ExplainedFigure } from '../explanation';
import { perPart, whole } from '../base/numbers';
import { lateExplanation } from './late-explanation';
import type { KeptPlan } from './kept-plan';

/** Late deliveries listed by name; further ones by their number. */
const LATE_LISTED = 3;

/**
 * A plan in two steps in sentences: who pours what, for how much, by when; then both together. Its figures open.
 * @param currency code of the study's currency
 * @param orderDate ISO date of the order
 * @example
 * planExplanation(kept, 'USD', '2027-01-04').length > 1 // true
 */
export function planExplanation(plan: KeptPlan, currency: string, orderDate: string): Explanation[] {
  const on = (days: number): string => dateAfter(orderDate, days);
  const at = (i: number, name: string, days: number): ExplainedFigure => figure(on(days), STEPS[i] ?? PLAN, name);
  const steps = plan.steps.map((s, i): Explanation => {
    const left = i > 0 ? plan.reused : 0;
    const less =
      left > 0 ? explain`, less ${figure(whole(left), PLAN, 'reused')} ${currency} that the first tool leaves` : '';
    return explain`${i === 0 ? 'First' : 'Then'} ${whole(s.pieces)} on ${shortName(s.laneId)}: ${figure(whole(s.total + left), STEPS[i] ?? PLAN, 'total')} ${currency}${less}, first parts ${at(i, 'firstArticle', s.firstArticle_d)}, last ${at(i, 'lastPart', s.lastPart_d)}.`;
  });
  const total = figure(whole(plan.total), PLAN, 'total');
  const part = figure(perPart(plan.allIn), PLAN, 'allIn');
  return [
    ...steps,
    explain`The steps together ${total} ${currency}, over ${whole(plan.q)} pieces ${part} ${currency} per part. ${alone(plan, currency)} ${days(plan)}${plan.asked === 0 || plan.waits_d >= MOST_WAIT_D ? '' : explain` The second tool may be ordered until ${plan.waits_d > 0 ? figure(on(plan.waits_d), PLAN, 'waits') : on(0)}.`}`,
  ];
}

function alone({ single, alone: kept }: KeptPlan, currency: string): Explanation {
  if (single === null) return ['No route alone delivers as soon.'];
  // Records of earlier builds kept no layout of the route alone.
  const money = kept == null ? whole(single.total) : figure(whole(single.total), ALONE, 'total');
  return explain`The best route alone that delivers as soon, ${shortName(single.laneId)}, costs ${money} ${currency}.`;
}

function days(plan: KeptPlan): Explanation {
  const { asked, late } = plan;
  if (asked === 0) return ['No day is asked.'];
  if (late.length === 0) return ['Every day asked is met.'];
  const told = late.slice(0, LATE_LISTED).map((d) => explain`${d.name} by ${lateExplanation(plan, d)}`);
  const more = late.length > LATE_LISTED ? ` and ${late.length - LATE_LISTED} more` : '';
  return explain`Late: ${listed(told, ', ')}${more}.`;
}
