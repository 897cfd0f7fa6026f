import { boardAt, prepareStudy, type Board, type BoardLane, type Study } from '@/core/board';
import { parseBrief } from '@/core/brief';
import { CORE_VERSION } from '@/core/version';
import type { DecisionRecord } from '../decisions';

/** A decision with its study worked out again as it was frozen: what every form of the record is made from. */
export interface RecordSheet {
  readonly decision: DecisionRecord;
  readonly study: Study;
  readonly board: Board;
  readonly lane: BoardLane;
  readonly orderDate: string;
  readonly currency: string;
  /** True where the core that signed is the core at work: figures then agree to the digit. */
  readonly sameCore: boolean;
}

/** Works a decision out again from what it froze. Null where its frozen brief cannot be read any more. */
export function recordSheet(decision: DecisionRecord): RecordSheet | null {
  const { frozen } = decision;
  const parsed = parseBrief(frozen.brief);
  if (!parsed.ok) return null;
  const study = prepareStudy(parsed.brief, decision.school, frozen.rates);
  const orderDate = frozen.orderDate ?? parsed.brief.quantity.orderDate ?? decision.signedOn;
  const board = boardAt(study, decision.quantity, orderDate);
  const lane = board.lanes.find((l) => l.id === decision.laneId);
  if (lane?.money == null) return null;
  return {
    decision,
    study,
    board,
    lane,
    orderDate,
    currency: study.rates.currency.code,
    sameCore: decision.coreVersion === CORE_VERSION,
  };
}
