import 'server-only';
import { randomUUID } from 'node:crypto';
import { evaluate, prepareStudy } from '@/core/board';
import type { Brief } from '@/core/brief';
import { ratesOf } from '@/core/rates';
import { CORE_VERSION } from '@/core/version';
import { change, reading, transaction, type Runner } from '../db';
import { loadRates } from '../rates/repo';
import { lockStudy, updateStudy } from '../studies/queries';
import { loadBrief } from '../studies/repo';
import { teamWeights } from '../weights';
import { frozenOf, type Signing } from './freeze';
import { selectDecisions, type DecisionRecord, type Dissent } from './record';

/** Decisions of a study, the latest first. */
export async function listDecisions(studyId: string): Promise<DecisionRecord[]> {
  return reading((on) => selectDecisions(on, studyId));
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
export async function signDecision(studyId: string, input: Signing): Promise<SignResult> {
  const weights = (await teamWeights()).weights;
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
    const orderDate = brief.quantity.orderDate ?? input.orderDate ?? input.signedOn;
    const study = prepareStudy(brief, row.school, rates);
    const frozen = frozenOf(study, evaluation, input, orderDate, weights);
    if ('barred' in frozen) return { outcome: 'barred', reason: frozen.barred };
    const id = randomUUID();
    await change(
      on,
      `INSERT INTO decisions (id, study_id, revision, lane_id, quantity, school, rate_set_id, core_version,
                              why, signed_by, signed_on, actions, frozen)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
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
        JSON.stringify(input.actions),
        JSON.stringify(frozen),
      ],
    );
    if (input.dissent !== undefined) await insertDissent(on, id, input.dissent);
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

async function insertDissent(
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

/** Writes a dissent beside a decision, which stays as it is; null where there is none of that id. */
export async function writeDissent(
  studyId: string,
  decisionId: string,
  dissent: Pick<Dissent, 'who' | 'words'>,
): Promise<DecisionRecord | null> {
  return transaction(async (on) => {
    if (!(await selectDecisions(on, studyId)).some((d) => d.id === decisionId)) return null;
    await insertDissent(on, decisionId, dissent);
    return (await selectDecisions(on, studyId)).find((d) => d.id === decisionId) ?? null;
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
