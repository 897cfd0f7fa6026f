import { randomUUID } from 'node:crypto';
import type { Action } from '@/core/decision';
import type { TolerancePolicy } from '@/core/part';
import { change, isoTime, rows, type Runner } from '../db';
import { underPresentNames } from './older-names';
import type { DecisionRecord, Dissent, SignedSnapshot } from './record';

interface Row {
  readonly id: string;
  readonly study_id: string;
  readonly revision: number;
  readonly lane_id: string;
  readonly quantity: number;
  readonly school: TolerancePolicy;
  readonly rate_set_id: string;
  readonly core_version: string;
  readonly why: string;
  readonly signed_by: string;
  readonly signed_on: string;
  readonly created_at: string;
  readonly reopened_at: string | null;
  readonly actions: string | readonly Action[];
  readonly frozen: string | SignedSnapshot;
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
    snapshot: underPresentNames(json(r.frozen)) as SignedSnapshot,
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

/** Who signed the decision of a study that stands, and when; undefined where none does. */
export async function selectOpenDecision(
  on: Runner,
  studyId: string,
): Promise<{ readonly signedBy: string; readonly signedOn: string } | undefined> {
  const [open] = await rows<{ signed_by: string; signed_on: string }>(
    on,
    'SELECT signed_by, signed_on FROM decisions WHERE study_id = ? AND reopened_at IS NULL LIMIT 1',
    [studyId],
  );
  return open === undefined ? undefined : { signedBy: open.signed_by, signedOn: open.signed_on };
}

/** A signed choice to be written. */
export interface NewDecision {
  readonly id: string;
  readonly studyId: string;
  readonly revision: number;
  readonly laneId: string;
  readonly quantity: number;
  readonly school: TolerancePolicy;
  readonly rateSetId: string;
  readonly coreVersion: string;
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly actions: readonly Action[];
  readonly frozen: SignedSnapshot;
  /** Picture of the part, PNG. */
  readonly still: Buffer | null;
}

/** Writes a signed choice. */
export async function insertDecision(on: Runner, d: NewDecision): Promise<void> {
  await change(
    on,
    `INSERT INTO decisions (id, study_id, revision, lane_id, quantity, school, rate_set_id, core_version,
                            why, signed_by, signed_on, actions, frozen, still)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      d.id,
      d.studyId,
      d.revision,
      d.laneId,
      d.quantity,
      d.school,
      d.rateSetId,
      d.coreVersion,
      d.why,
      d.signedBy,
      d.signedOn,
      JSON.stringify(d.actions),
      JSON.stringify(d.frozen),
      d.still,
    ],
  );
}

/** The picture of the part that was frozen with a decision, PNG; null where it has none. */
export async function selectFrozenStill(on: Runner, decisionId: string): Promise<Buffer | null> {
  const [row] = await rows<{ still: Buffer | null }>(on, 'SELECT still FROM decisions WHERE id = ?', [decisionId]);
  return row?.still ?? null;
}

/** Writes a dissent beside a decision. */
export async function insertDissent(
  on: Runner,
  decisionId: string,
  { who, words }: Pick<Dissent, 'who' | 'words'>,
): Promise<void> {
  await change(on, 'INSERT INTO dissents (id, decision_id, who, words) VALUES (?, ?, ?, ?)', [
    randomUUID(),
    decisionId,
    who,
    words,
  ]);
}

/** Marks a decision as reopened; how many rows that changed: none where it is not open. */
export const markReopened = (on: Runner, studyId: string, decisionId: string): Promise<number> =>
  change(
    on,
    'UPDATE decisions SET reopened_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND study_id = ? AND reopened_at IS NULL',
    [decisionId, studyId],
  );
