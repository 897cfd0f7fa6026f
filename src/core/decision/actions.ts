import type { Study } from '../study';
import type { BoardLane } from '../comparison/board';
import { MOST_WAIT_D } from '../phased-plans';
import { dayNumber, isNear, isoDay } from '../base/day';
import { shortName } from '../catalogue/routes';

/** Something to be done, by whom, by when. Empty where it is not yet settled. */
export interface Action {
  readonly what: string;
  readonly owner: string;
  /** ISO date, or empty. */
  readonly by: string;
}

/** The most that is suggested. */
const MOST_SUGGESTED = 7;

/** A plan in two steps, for its orders. */
export interface PlanOrders {
  readonly first: string;
  readonly then: string;
  /** Days from the order until which the second tool may be ordered. */
  readonly waits_d: number;
}

/**
 * What a choice asks to be done next, from its findings and its dates; who does it is for people to say.
 * @param orderDate ISO date of the order
 * @example
 * suggestedActions(study, lane, '2027-01-04').length > 0 // true
 */
export function suggestedActions(
  study: Study,
  lane: BoardLane,
  orderDate: string,
  plan: PlanOrders | null = null,
): Action[] {
  const on = (days: number): string =>
    isNear(days) ? isoDay(dayNumber('orderDate', orderDate) + Math.floor(days)) : '';
  const action = (what: string, by = ''): Action => ({ what, owner: '', by });
  const spare = lane.dates?.slack_d ?? null;
  const tool = (id: string): string => `Order the tool for ${shortName(id)}`;
  const out =
    plan === null
      ? [
          action(`Ask two foundries for quotes by ${shortName(lane.id)}, on this brief`, orderDate),
          action(tool(lane.id), spare !== null && spare > 0 ? on(spare) : orderDate),
        ]
      : [
          action(`Ask for quotes by ${shortName(plan.first)} and by ${shortName(plan.then)}, on this brief`, orderDate),
          action(tool(plan.first), orderDate),
          action(`${tool(plan.then)}, the second step`, plan.waits_d >= MOST_WAIT_D ? '' : on(plan.waits_d)),
        ];
  const seen = new Set<string>();
  for (const f of lane.findings) {
    const subject = f.subject || f.reason.replace(/\.$/, '');
    if (f.status === 'fits' || f.status === 'blocked' || seen.has(subject)) continue;
    seen.add(subject);
    if (f.status === 'second-operation') out.push(action(`Agree how ${subject} is finished, and who pays`));
    else if (f.status === 'not-known') out.push(action(`Settle what is not known: ${subject}`));
    else out.push(action(`Agree with the foundry what is tight: ${subject}`));
  }
  const { assumed } = study.brief;
  if (assumed.length > 0)
    out.push(
      action(`Confirm what the brief assumes: ${assumed.slice(0, 4).join(', ')}${assumed.length > 4 ? ' …' : ''}`),
    );
  if (lane.dates !== null) out.push(action('Measure and approve the first article', on(lane.dates.firstArticle_d)));
  return out.length <= MOST_SUGGESTED ? out : [...out.slice(0, MOST_SUGGESTED - 1), out.at(-1) as Action];
}
