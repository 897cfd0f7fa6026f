import { boardAt, type Board, type BoardLane } from '@/core/comparison/board';
import { unpackedRates } from '@/core/rates';
import { prepareStudy, type Study } from '@/core/study';
import { PLAN, STEPS, StudyWorkings } from '@/core/phased-plans';
import { readStoredBrief } from '@/core/brief';
import { drawnOf, type SureOf } from '@/core/decision';
import { CORE_VERSION } from '@/core/base/version';
import type { DecisionRecord } from '../decisions/record';

/** A decision with its study worked out again as it was frozen: what every form of the record is made from. */
export interface RecordSheet {
  readonly decision: DecisionRecord;
  readonly study: Study;
  readonly board: Board;
  readonly lane: BoardLane;
  /** Its figures, with those of the plan where one was signed. */
  readonly workings: StudyWorkings;
  readonly orderDate: string;
  readonly currency: string;
  /** True where the core that signed is the core at work: figures then agree to the digit. */
  readonly sameCore: boolean;
}

/** Works a decision out again from what it froze. Null where its frozen brief cannot be read any more. */
export function recordSheet(decision: DecisionRecord): RecordSheet | null {
  const { snapshot } = decision;
  const { brief } = readStoredBrief(snapshot.brief);
  const study = prepareStudy(brief, decision.school, unpackedRates(snapshot.rates));
  const orderDate = snapshot.orderDate ?? brief.quantity.orderDate ?? decision.signedOn;
  const board = boardAt(study, decision.quantity, orderDate);
  const lane = board.lanes.find((l) => l.id === decision.laneId);
  if (lane?.money == null) return null;
  const plan = snapshot.plan == null ? null : drawnOf(snapshot.plan);
  return {
    decision,
    study,
    board,
    lane,
    workings: new StudyWorkings(study, decision.quantity, plan?.open ?? null, plan?.deliveries),
    orderDate,
    currency: study.rates.currency.code,
    sameCore: decision.coreVersion === CORE_VERSION,
  };
}

/** Of what choice its simulation is. */
export const sureOf = ({ decision, currency, workings }: RecordSheet): SureOf => ({
  laneId: decision.laneId,
  currency,
  due: decision.snapshot.brief.quantity.firstDelivery,
  planned: decision.snapshot.plan != null,
  workings,
});

/** Whose figures were signed: the plan's, or the lane's. */
export const signedId = ({ decision, lane }: RecordSheet): string => (decision.snapshot.plan == null ? lane.id : PLAN);

/** What is poured: both steps of a plan, or the lane. Their figures come from the workings of the record. */
export const partsOf = ({ decision, lane }: RecordSheet): readonly string[] =>
  decision.snapshot.plan == null ? [lane.id] : STEPS;
