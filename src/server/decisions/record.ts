import type { Evaluation } from '@/core/comparison/board';
import type { Brief } from '@/core/brief';
import type { Weights } from '@/core/comparison/ranking';
import type { Action, Argument, CarryingFigure, KeptDoubt, KeptPlan } from '@/core/decision';
import type { School } from '@/core/part';
import type { RateSet } from '@/core/rates';
import { rows, type Runner } from '../db';
import { isoTime } from '../studies/repo';

/** What a decision froze. What later builds added is missing in the records of earlier ones. */
export interface Frozen {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly evaluation: Evaluation;
  /** What spoke for the lane, and the strongest reasons against it, as they stood. */
  readonly case: { readonly for: readonly KeptArgument[]; readonly against: readonly KeptArgument[] };
  /** The figures that carried it. */
  readonly figures?: readonly CarryingFigure[];
  readonly doubt?: KeptDoubt | null;
  /** The plan in two steps that was signed; null or missing for one lane alone. */
  readonly plan?: KeptPlan | null;
  /** The team's weights, where the weighted school led. */
  readonly weights?: Weights;
  /** ISO date the days are counted from. */
  readonly orderDate?: string;
}

/** An argument as kept; records of earlier builds kept its words only. */
export type KeptArgument = Pick<Argument, 'text'> & Partial<Argument>;

/** Who did not agree. Time ISO, UTC. */
export interface Dissent {
  readonly id: string;
  readonly who: string;
  readonly words: string;
  readonly writtenAt: string;
}

/** A signed choice. Dates ISO; `frozen` is everything as it was when signed. */
export interface DecisionRecord {
  readonly id: string;
  readonly studyId: string;
  readonly revision: number;
  readonly laneId: string;
  readonly quantity: number;
  readonly school: School;
  readonly rateSetId: string;
  readonly coreVersion: string;
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly createdAt: string;
  readonly reopenedAt: string | null;
  readonly actions: readonly Action[];
  readonly dissents: readonly Dissent[];
  readonly frozen: Frozen;
}

interface Row {
  readonly id: string;
  readonly study_id: string;
  readonly revision: number;
  readonly lane_id: string;
  readonly quantity: number;
  readonly school: School;
  readonly rate_set_id: string;
  readonly core_version: string;
  readonly why: string;
  readonly signed_by: string;
  readonly signed_on: string;
  readonly created_at: string;
  readonly reopened_at: string | null;
  readonly actions: string | readonly Action[];
  readonly frozen: string | Frozen;
}

interface DissentRow {
  readonly id: string;
  readonly decision_id: string;
  readonly who: string;
  readonly words: string;
  readonly written_at: string;
}

const json = <T>(x: string | T): T => (typeof x === 'string' ? (JSON.parse(x) as T) : x);

function record(r: Row, dissents: readonly DissentRow[]): DecisionRecord {
  return {
    id: r.id,
    studyId: r.study_id,
    revision: r.revision,
    laneId: r.lane_id,
    quantity: r.quantity,
    school: r.school,
    rateSetId: r.rate_set_id,
    coreVersion: r.core_version,
    why: r.why,
    signedBy: r.signed_by,
    signedOn: r.signed_on,
    createdAt: isoTime(r.created_at),
    reopenedAt: r.reopened_at === null ? null : isoTime(r.reopened_at),
    actions: json(r.actions),
    dissents: dissents
      .filter((d) => d.decision_id === r.id)
      .map((d) => ({ id: d.id, who: d.who, words: d.words, writtenAt: isoTime(d.written_at) })),
    frozen: json(r.frozen),
  };
}

/** All but the picture, which is asked for by itself. */
const DECISION = `id, study_id, revision, lane_id, quantity, school, rate_set_id, core_version, why, signed_by, signed_on,
  created_at, reopened_at, actions, frozen`;

/** Decisions of a study, the latest first, with what was written against them. */
export async function selectDecisions(on: Runner, studyId: string): Promise<DecisionRecord[]> {
  const found = await rows<Row>(
    on,
    `SELECT ${DECISION} FROM decisions WHERE study_id = ? ORDER BY created_at DESC, id DESC`,
    [studyId],
  );
  const dissents = await rows<DissentRow>(
    on,
    `SELECT x.id, x.decision_id, x.who, x.words, x.written_at
       FROM dissents x
       JOIN decisions d ON d.id = x.decision_id
      WHERE d.study_id = ?
      ORDER BY x.written_at, x.id`,
    [studyId],
  );
  return found.map((r) => record(r, dissents));
}

/** One decision with all it froze, without what was written against it; undefined where there is none of that id. */
export async function selectDecision(on: Runner, id: string): Promise<DecisionRecord | undefined> {
  const [row] = await rows<Row>(on, `SELECT ${DECISION} FROM decisions WHERE id = ?`, [id]);
  return row === undefined ? undefined : record(row, []);
}
