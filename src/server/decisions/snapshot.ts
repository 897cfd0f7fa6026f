import { boardAt, type Board, type BoardLane, type Evaluation } from '@/core/comparison/board';
import { type Study } from '@/core/study';
import type { Weights } from '@/core/comparison/ranking';
import { StudyWorkings } from '@/core/phased-plans';
import {
  carryingFigures,
  drawnOf,
  keptSimulation,
  keptPlan,
  keptPlanSimulation,
  laneCase,
  planCase,
  planFigures,
  type Action,
  type DrawnBy,
  type KeptPlan,
} from '@/core/decision';
import { DRAWS } from '@/core/simulation';
import { packedRates } from '@/core/rates';
import { CoreError } from '@/core/base/errors';
import type { SignedSnapshot } from './record';

/** What is signed. */
export interface Signing {
  readonly laneId: string;
  readonly quantity: number;
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly version: number;
  /** Day the dates are reckoned from where the brief has no order date. */
  readonly orderDate?: string | undefined;
  /** Whether the plan in two steps that the brief has adopted is signed; the lane is then its second. */
  readonly plan: boolean;
  readonly drawn: DrawnBy;
  readonly actions: readonly Action[];
  readonly dissent?: { readonly who: string; readonly words: string } | undefined;
}

/** Everything a choice rests on, as it stands; or why a plan cannot be signed. */
export function frozenOf(
  study: Study,
  evaluation: Evaluation,
  input: Signing,
  orderDate: string,
  weights: Weights,
  report: Report = () => undefined,
): SignedSnapshot | { readonly barred: string } {
  const board = boardAt(study, input.quantity, orderDate);
  const lane = board.lanes.find((l) => l.id === input.laneId) as BoardLane;
  let plan: KeptPlan | null = null;
  if (input.plan) {
    const choice = study.brief.plan;
    if (choice === null) return { barred: 'No two-step plan has been adopted.' };
    if (choice.then !== input.laneId) return { barred: `The plan ends on ${choice.then}, not on ${input.laneId}.` };
    try {
      plan = keptPlan(study, input.quantity, orderDate, choice);
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      return { barred: `The plan cannot be made: for ${error.issue.field}, ${error.issue.accepted} is wanted.` };
    }
  }
  report('the reasons for and against', 0.15);
  const drawing: Report = (what, share) => report(what, 0.3 + 0.7 * share);
  const argued =
    plan === null
      ? ofLane(study, board, lane, orderDate, input, drawing)
      : ofPlan(study, board, plan, orderDate, input, drawing);
  return {
    brief: study.brief,
    rates: packedRates(study.rates, study.brief.alloy),
    evaluation,
    ...argued,
    plan,
    weights,
    orderDate,
  };
}

/** Hears how far the work is: what is being done, and the share of all that is done. */
export type Report = (what: string, share: number) => void;

const tellDraws =
  (report: Report) =>
  (share: number): void =>
    report(share < 0.5 ? 'the draws' : 'what would change the choice', share);

type Argued = Pick<SignedSnapshot, 'case' | 'figures' | 'simulation'>;

function ofLane(
  study: Study,
  board: Board,
  lane: BoardLane,
  orderDate: string,
  { drawn }: Signing,
  report: Report,
): Argued {
  const found = laneCase(study, board, lane.id);
  return {
    case: { for: found?.for ?? [], against: found?.against ?? [] },
    figures: carryingFigures(study, board, lane),
    simulation: keptSimulation(study, board, orderDate, lane.id, drawn, DRAWS, tellDraws(report)),
  };
}

function ofPlan(
  study: Study,
  board: Board,
  plan: KeptPlan,
  orderDate: string,
  { drawn }: Signing,
  report: Report,
): Argued {
  const of = drawnOf(plan);
  const workings = new StudyWorkings(study, board.q, of.open, of.deliveries);
  return {
    case: planCase(workings, board, plan),
    figures: planFigures(workings, board),
    simulation: keptPlanSimulation(study, board, orderDate, of, drawn, DRAWS, tellDraws(report)),
  };
}
