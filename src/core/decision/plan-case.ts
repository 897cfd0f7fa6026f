import { plainMoney, weeks, type Board } from '../comparison/board';
import { ALONE, madeBy, MOST_WAIT_D, PLAN, STEPS, type StudyWorkings } from '../phased-plans';
import { demandBand } from '../brief';
import { NO_APPROVAL_UP_TO } from '../schedule';
import { shortName } from '../catalogue/routes';
import { figure, explain } from '../explanation';
import { whole } from '../base/numbers';
import { differenceTo } from '../study/workings';
import { argue, STRONGEST, type Argument } from './case';
import { lateExplanation } from './late-explanation';
import type { KeptPlan } from './kept-plan';

/** Days a second order must be able to wait for that to speak for a plan. Basis: our own. */
const WORTH_WAITING_D = 14;

/** What speaks for a plan in two steps, and the strongest reasons against it. */
export interface PlanCase {
  readonly for: readonly Argument[];
  readonly against: readonly Argument[];
}

/**
 * The case of a plan in two steps; every argument is worked out, the two against are the heaviest found.
 * @param workings the study at its quantity, with the plan
 * @example
 * planCase(planWorkings, board, kept).against.length > 0 // true
 */
export function planCase(workings: StudyWorkings, board: Board, plan: KeptPlan): PlanCase {
  const heaviest = (list: readonly Argument[]): Argument[] => list.toSorted((a, b) => b.weight - a.weight);
  return {
    for: heaviest([...forMoney(workings, plan), ...forDays(workings, plan), ...forWaiting(workings, plan)]),
    against: heaviest([
      ...againstMoney(workings, board, plan),
      ...againstDays(plan),
      ...againstTwo(workings, plan),
      ...againstReuse(workings, plan),
      ...againstDemand(workings, plan),
    ]).slice(0, STRONGEST),
  };
}

const codeOf = (w: StudyWorkings): string => w.study.rates.currency.code;

function forMoney(w: StudyWorkings, { total, single }: KeptPlan): Argument[] {
  if (single === null) return [argue(0.8, explain`No route alone delivers as soon.`)];
  const less = single.total - total;
  if (!(less > 0)) return [];
  const by = figure(plainMoney(less, codeOf(w)), PLAN, differenceTo('total', ALONE));
  return [
    argue(
      0.2 + less / single.total,
      explain`${by} less in total than ${shortName(single.laneId)} alone, the best route that delivers as soon.`,
    ),
  ];
}

function forDays(w: StudyWorkings, plan: KeptPlan): Argument[] {
  const then = w.working(STEPS[1], 'firstArticle').value;
  const first = figure(weeks(plan.firstArticle_d), PLAN, 'firstArticle');
  const sooner = then - plan.firstArticle_d;
  const met = plan.asked - plan.late.length;
  const asked =
    plan.asked === 0
      ? []
      : [
          argue(
            0.3 * (met / plan.asked),
            explain`${figure(`${met} of ${plan.asked} days asked`, PLAN, plan.deliveries?.length ? madeBy(0) : 'firstArticle')} are met.`,
          ),
        ];
  return sooner > 1
    ? [
        ...asked,
        argue(
          0.12,
          explain`First good parts ${first} after the order, ${figure(weeks(sooner), PLAN, differenceTo('firstArticle', STEPS[1]))} sooner than from ${shortName(plan.then)}.`,
        ),
      ]
    : asked;
}

function forWaiting(w: StudyWorkings, { waits_d, asked, then }: KeptPlan): Argument[] {
  if (asked === 0 || waits_d < WORTH_WAITING_D || waits_d >= MOST_WAIT_D) return [];
  const tool = figure(plainMoney(w.working(STEPS[1], 'tooling').value, codeOf(w)), STEPS[1], 'tooling');
  return [
    argue(
      0.08,
      explain`${tool} for ${shortName(then)} need not be ordered for ${figure(weeks(waits_d), PLAN, 'waits')}: until then the plan can still be changed.`,
    ),
  ];
}

function againstMoney(w: StudyWorkings, board: Board, plan: KeptPlan): Argument[] {
  const cheapest = board.lanes.find((l) => l.id === board.leader);
  if (cheapest?.money == null || !(plan.total > cheapest.money.total)) return [];
  const more = plan.total - cheapest.money.total;
  const by = figure(plainMoney(more, codeOf(w)), PLAN, differenceTo('total', cheapest.id));
  return [
    argue(
      more / plan.total,
      explain`${by} more expensive in total than ${shortName(cheapest.id)} alone, which is the cheapest where its days will do.`,
    ),
  ];
}

function againstDays(plan: KeptPlan): Argument[] {
  const [worst] = plan.late;
  return worst === undefined
    ? []
    : [
        argue(
          0.3 + Math.min(0.6, worst.late_d / 100),
          explain`Even so ${worst.name} comes ${lateExplanation(plan, worst)} late.`,
        ),
      ];
}

function againstTwo(w: StudyWorkings, plan: KeptPlan): Argument[] {
  const of = w.working(STEPS[0], 'tooling').value;
  const tools = figure(plainMoney(of, codeOf(w)), STEPS[0], 'tooling');
  const approved = plan.steps.filter((s) => s.pieces > NO_APPROVAL_UP_TO).length;
  return [
    argue(
      of / plan.total,
      explain`${tools} of tools for ${shortName(plan.first)} serve ${whole(plan.pieces)} pieces only.`,
    ),
    argue(
      approved === 2 ? 0.09 : 0.06,
      approved === 2
        ? explain`Two first articles to measure and approve, and two processes to hold to one drawing.`
        : explain`Two processes to hold to one drawing.`,
    ),
  ];
}

function againstReuse(w: StudyWorkings, { reused, total }: KeptPlan): Argument[] {
  if (!(reused > 0)) return [];
  const left = figure(plainMoney(reused, codeOf(w)), PLAN, 'reused');
  return [argue(reused / total + 0.02, explain`${left} saved on the second tool rests on a share that is assumed.`)];
}

/** What low demand would make of it: with the first step alone enough, the second tool is money lost. */
function againstDemand(w: StudyWorkings, plan: KeptPlan): Argument[] {
  const [low] = demandBand(w.study.brief) ?? [];
  if (low === undefined || low > plan.pieces) return [];
  const of = w.working(STEPS[1], 'tooling').value;
  const tool = figure(plainMoney(of, codeOf(w)), STEPS[1], 'tooling');
  return [
    argue(
      of / plan.total,
      explain`If demand turns out low (${whole(low)} pieces), the first step is enough and ${tool} for the second is lost.`,
    ),
  ];
}
