import { ALONE, PLAN, type PhasedPlan } from '@/core/phased-plans';
import { shortName } from '@/core/catalogue/routes';
import { figure, explain, type Explanation } from '@/core/explanation';
import { differenceTo } from '@/core/study/workings';
import { whole } from '../format';

/** Which pieces are made how: "3 on bonded sand, printed mould, then 157 on bonded sand, pattern". */
export function planWords(plan: PhasedPlan): string {
  const [first, then] = plan.steps;
  if (first === undefined) return '';
  if (then === undefined) return `all on ${shortName(first.laneId)}`;
  return `${whole(first.pieces)} on ${shortName(first.laneId)}, then ${whole(then.pieces)} on ${shortName(then.laneId)}`;
}

/** Deliveries that come late, worst first: "prototypes 18 days late"; of several, the worst and their number. */
export function lateWords(plan: PhasedPlan): string {
  if (plan.deliveries.length === 0) return 'no date set';
  const late = plan.deliveries.filter((d) => d.late_d > 0).toSorted((a, b) => b.late_d - a.late_d);
  const [worst] = late;
  if (worst === undefined) return 'every date met';
  const days = `${worst.due.name} ${whole(worst.late_d)} ${worst.late_d === 1 ? 'day' : 'days'} late`;
  return late.length === 1 ? days : `${days}, ${late.length - 1} more late`;
}

/** True where no delivery comes late. */
export const inTime = (plan: PhasedPlan): boolean => plan.deliveries.every((d) => d.late_d === 0);

/** What the best plan is worth against one route alone, in a sentence or two; its money opens, of the plan beside that route. */
export function planVerdict(
  best: PhasedPlan | null,
  single: PhasedPlan | null,
  cheapest: PhasedPlan | null,
  currency: string,
): Explanation {
  if (best === null) return ['Fewer than two routes are left, so there is nothing to switch to.'];
  const money = (x: number, id: string, name = 'total') => figure(`${whole(x)} ${currency}`, id, name);
  const against = (more: number) => money(more, PLAN, differenceTo('total', ALONE));
  const plan = explain`${capital(planWords(best))}: ${money(best.total, PLAN)} in total, ${lateWords(best)}.`;
  const least = cheapest?.steps[0]?.laneId ?? '';
  const bare =
    cheapest !== null && least !== single?.steps[0]?.laneId
      ? explain` The cheapest single route, ${shortName(least)}, costs ${money(cheapest.total, least)}, but ${lateWords(cheapest)}.`
      : [];
  if (single === null) return explain`${plan} No single route delivers as soon.${bare}`;
  const alone = shortName(single.steps[0]?.laneId ?? '');
  const met = best.deliveries.length === 0 ? '' : ' and delivers as soon';
  if (single.total <= best.total)
    return explain`A single route is better: ${alone} costs ${money(single.total, ALONE)} in total${met}. The best two-step plan costs ${against(best.total - single.total)} more: ${planWords(best)}.`;
  return explain`${plan} The best single route that delivers as soon, ${alone}, costs ${against(single.total - best.total)} more.${bare}`;
}

const capital = (text: string): string => text.replace(/^./, (c) => c.toUpperCase());

/** Whether a plan is worth its switch: cheaper than any route alone that delivers as soon, or there is none. */
export const pays = (best: PhasedPlan | null, single: PhasedPlan | null): boolean =>
  best !== null && (single === null || best.total < single.total);
