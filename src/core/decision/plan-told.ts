import { ALONE, MOST_WAIT_D, PLAN, STEPS } from '../phased-plans';
import { dateAfter } from '../base/day';
import { shortName } from '../catalogue/routes';
import { figure, listed, tell, type Telling, type ToldFigure } from '../explanation';
import { perPart, whole } from '../base/numbers';
import { lateTold } from './late-told';
import type { KeptPlan } from './kept-plan';

/** Late deliveries told by name; further ones by their number. */
const LATE_TOLD = 3;

/**
 * A plan in two steps in sentences: who pours what, for how much, by when; then both together. Its figures open.
 * @param currency code of the study's currency
 * @param orderDate ISO date of the order
 */
export function planTold(plan: KeptPlan, currency: string, orderDate: string): Telling[] {
  const on = (days: number): string => dateAfter(orderDate, days);
  const at = (i: number, name: string, days: number): ToldFigure => figure(on(days), STEPS[i] ?? PLAN, name);
  const steps = plan.steps.map((s, i): Telling => {
    const left = i > 0 ? plan.reused : 0;
    const less =
      left > 0 ? tell`, less ${figure(whole(left), PLAN, 'reused')} ${currency} that the first tool leaves` : '';
    return tell`${i === 0 ? 'First' : 'Then'} ${whole(s.pieces)} on ${shortName(s.laneId)}: ${figure(whole(s.total + left), STEPS[i] ?? PLAN, 'total')} ${currency}${less}, first parts ${at(i, 'firstArticle', s.firstArticle_d)}, last ${at(i, 'lastPart', s.lastPart_d)}.`;
  });
  const total = figure(whole(plan.total), PLAN, 'total');
  const part = figure(perPart(plan.allIn), PLAN, 'allIn');
  return [
    ...steps,
    tell`The steps together ${total} ${currency}, over ${whole(plan.q)} pieces ${part} ${currency} a part. ${alone(plan, currency)} ${days(plan)}${plan.asked === 0 || plan.waits_d >= MOST_WAIT_D ? '' : tell` The second tool may be ordered until ${plan.waits_d > 0 ? figure(on(plan.waits_d), PLAN, 'waits') : on(0)}.`}`,
  ];
}

function alone({ single, alone: kept }: KeptPlan, currency: string): Telling {
  if (single === null) return ['No route alone delivers as soon.'];
  // Records of earlier builds kept no layout of the route alone.
  const money = kept == null ? whole(single.total) : figure(whole(single.total), ALONE, 'total');
  return tell`The best route alone that delivers as soon, ${shortName(single.laneId)}, costs ${money} ${currency}.`;
}

function days(plan: KeptPlan): Telling {
  const { asked, late } = plan;
  if (asked === 0) return ['No day is asked.'];
  if (late.length === 0) return ['Every day asked is met.'];
  const told = late.slice(0, LATE_TOLD).map((d) => tell`${d.name} by ${lateTold(plan, d)}`);
  const more = late.length > LATE_TOLD ? ` and ${late.length - LATE_TOLD} more` : '';
  return tell`Late: ${listed(told, ', ')}${more}.`;
}
