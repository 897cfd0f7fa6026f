import 'server-only';
import { randomUUID } from 'node:crypto';
import { boardAt, evaluate, prepareStudy, type Evaluation } from '@/core/board';
import { laneCase, type Argument } from '@/core/decision';
import type { Brief } from '@/core/brief';
import type { School } from '@/core/part';
import { ratesOf, type RateSet } from '@/core/rates';
import { CORE_VERSION } from '@/core/version';
import { change, reading, rows, transaction, type Runner } from '../db';
import { loadRates } from '../rates/repo';
import { isoTime } from '../studies/repo';
import { lockStudy, updateStudy } from '../studies/queries';
import { loadBrief } from '../studies/repo';

/** What a decision froze. */
export interface Frozen {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly evaluation: Evaluation;
  /** What spoke for the lane, and the strongest reasons against it, as they stood. */
  readonly case: { readonly for: readonly KeptArgument[]; readonly against: readonly KeptArgument[] };
}

/** An argument as kept; records of earlier builds kept its words only. */
export type KeptArgument = Pick<Argument, 'text'> & Partial<Argument>;

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
  readonly frozen: string | Frozen;
}

function record(r: Row): DecisionRecord {
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
    frozen: typeof r.frozen === 'string' ? (JSON.parse(r.frozen) as Frozen) : r.frozen,
  };
}

/** Decisions of a study, the latest first. */
export async function listDecisions(studyId: string): Promise<DecisionRecord[]> {
  return reading((on) => selectDecisions(on, studyId));
}

async function selectDecisions(on: Runner, studyId: string): Promise<DecisionRecord[]> {
  const found = await rows<Row>(on, 'SELECT * FROM decisions WHERE study_id = ? ORDER BY created_at DESC', [studyId]);
  return found.map(record);
}

export type SignResult =
  | { readonly outcome: 'signed'; readonly decision: DecisionRecord }
  | { readonly outcome: 'conflict'; readonly version: number }
  | { readonly outcome: 'missing' }
  | { readonly outcome: 'barred'; readonly reason: string };

/**
 * Signs a choice: the brief of the study's current revision is evaluated here, on the server, and frozen with the
 * rates, the results and the core's version. A study changed since it was read is refused as a conflict.
 */
export async function signDecision(
  studyId: string,
  input: { laneId: string; quantity: number; why: string; signedBy: string; signedOn: string; version: number },
): Promise<SignResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, studyId);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
    const brief = (await loadBrief(on, studyId, row.revision)) as Brief;
    const rates = ratesOf(await loadRates(on, row.rate_set_id));
    const evaluation = evaluate(brief, { school: row.school, quantity: input.quantity, rates });
    const lane = evaluation.lanes.find((l) => l.id === input.laneId);
    if (lane === undefined) return { outcome: 'barred', reason: `${input.laneId} is not a lane of this study` };
    if (lane.status === 'blocked' || lane.allIn === null) {
      return {
        outcome: 'barred',
        reason: lane.uncosted ?? lane.findings.find((f) => f.status === 'blocked')?.reason ?? 'The lane is ruled out.',
      };
    }
    const id = randomUUID();
    const study = prepareStudy(brief, row.school, rates);
    const found = laneCase(study, boardAt(study, input.quantity, brief.quantity.orderDate), input.laneId);
    const frozen: Frozen = {
      brief,
      rates,
      evaluation,
      case: { for: found?.for ?? [], against: found?.against ?? [] },
    };
    await change(
      on,
      `INSERT INTO decisions (id, study_id, revision, lane_id, quantity, school, rate_set_id, core_version,
                              why, signed_by, signed_on, frozen)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      [
        id,
        studyId,
        row.revision,
        input.laneId,
        input.quantity,
        row.school,
        rates.id,
        CORE_VERSION,
        input.why,
        input.signedBy,
        input.signedOn,
        JSON.stringify(frozen),
      ],
    );
    await updateStudy(on, {
      id: studyId,
      title: row.title,
      school: row.school,
      revision: row.revision,
      version: row.version + 1,
    });
    const decision = (await selectDecisions(on, studyId)).find((d) => d.id === id) as DecisionRecord;
    return { outcome: 'signed', decision };
  });
}

/** Reopens the decision: it stays on record, and the next save makes a new revision. False when there is none open. */
export async function reopenDecision(studyId: string, decisionId: string): Promise<boolean> {
  return transaction(async (on) => {
    const row = await lockStudy(on, studyId);
    if (row === undefined) return false;
    const n = await change(
      on,
      'UPDATE decisions SET reopened_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND study_id = ? AND reopened_at IS NULL',
      [decisionId, studyId],
    );
    if (n > 0)
      await updateStudy(on, {
        id: studyId,
        title: row.title,
        school: row.school,
        revision: row.revision,
        version: row.version + 1,
      });
    return n > 0;
  });
}
