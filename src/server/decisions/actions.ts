import 'server-only';
import type { JobProgress } from '@/core/base/job-progress';
import { RequestError } from '../http';
import { randomUUID } from 'node:crypto';
import type { Brief } from '@/core/brief';
import { CORE_VERSION } from '@/core/base/version';
import { change, reading, rows, transaction, type Runner } from '../db';
import { inPool } from '../jobs';
import { selectStill } from '../part-files/queries';
import { loadRates } from '../rates/repo';
import { lockStudy, selectStudy, updateStudy } from '../studies/queries';
import { loadBrief } from '../studies/repo';
import { teamWeights } from '../weights';
import type { Signing } from './freeze';
import { selectDecisions, type DecisionRecord, type Dissent } from './record';

/** Decisions of a study, the latest first. */
export async function listDecisions(studyId: string): Promise<DecisionRecord[]> {
  return reading((on) => selectDecisions(on, studyId));
}

/** One decision of a study with what was written against it, or undefined. */
export const getDecision = (studyId: string, id: string): Promise<DecisionRecord | undefined> =>
  reading(async (on) => (await selectDecisions(on, studyId)).find((d) => d.id === id));

export type SignResult =
  | { readonly outcome: 'signed'; readonly decision: DecisionRecord }
  | { readonly outcome: 'conflict'; readonly version: number }
  | { readonly outcome: 'standing'; readonly signedBy: string; readonly signedOn: string }
  | { readonly outcome: 'missing' }
  | { readonly outcome: 'barred'; readonly reason: string };

/**
 * Signs a choice: the brief of the study's current revision is evaluated here, on the server, and frozen with the
 * rates, the results and the core's version. All of that is worked out first, on a thread of its own and without a lock;
 * then it is written in a short transaction, if nothing it rests on was changed meanwhile: else refused as a conflict. A
 * study whose decision stands is refused until that is reopened.
 * @param signal ends the work when the one who signs is gone; nothing is written then
 * @param told hears how far the work is
 */
export async function signDecision(
  studyId: string,
  input: Signing,
  signal?: AbortSignal,
  told?: (progress: JobProgress) => void,
): Promise<SignResult> {
  const weights = (await teamWeights()).weights;
  const read = await reading(async (on) => {
    const row = await selectStudy(on, studyId);
    if (row === undefined) return undefined;
    const standing = await selectOpenDecision(on, studyId);
    const brief = await loadBrief(on, studyId, row.revision);
    return { row, standing, brief, still: await stillOf(on, brief), rates: await loadRates(on, row.rate_set_id) };
  });
  if (read?.brief === undefined) return { outcome: 'missing' };
  const { row, brief, rates, still } = read;
  if (read.standing !== undefined) return { outcome: 'standing', ...read.standing };
  if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
  const orderDate = brief.quantity.orderDate ?? input.orderDate ?? input.signedOn;
  const school = row.school;
  const frozen = await inPool('freeze', { brief, school, rates, signing: input, orderDate, weights }, signal, told);
  if ('barred' in frozen) return { outcome: 'barred', reason: frozen.barred };
  if (signal?.aborted === true) throw new RequestError(499, 'Called off by whoever asked. Nothing was saved.');
  return transaction(async (on) => {
    const now = await lockStudy(on, studyId);
    if (now === undefined) return { outcome: 'missing' };
    const standing = await selectOpenDecision(on, studyId);
    if (standing !== undefined) return { outcome: 'standing', ...standing };
    const ratesNow = await loadRates(on, now.rate_set_id);
    if (now.version !== input.version || ratesNow.id !== rates.id || ratesNow.version !== rates.version)
      return { outcome: 'conflict', version: now.version };
    const id = randomUUID();
    await change(
      on,
      `INSERT INTO decisions (id, study_id, revision, lane_id, quantity, school, rate_set_id, core_version,
                              why, signed_by, signed_on, actions, frozen, still)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      [
        id,
        studyId,
        row.revision,
        input.laneId,
        input.quantity,
        school,
        rates.id,
        CORE_VERSION,
        input.why,
        input.signedBy,
        input.signedOn,
        JSON.stringify(input.actions),
        JSON.stringify(frozen),
        still,
      ],
    );
    if (input.dissent !== undefined) await insertDissent(on, id, input.dissent);
    await updateStudy(on, { id: studyId, title: now.title, school, revision: now.revision, version: now.version + 1 });
    const decision = (await selectDecisions(on, studyId)).find((d) => d.id === id) as DecisionRecord;
    return { outcome: 'signed', decision };
  });
}

/** Who signed the decision of a study that stands, and when; undefined where none does. */
async function selectOpenDecision(
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

/** The picture of the part as it is now: it is frozen with the record. */
async function stillOf(on: Runner, brief: Brief | undefined): Promise<Buffer | null> {
  const file = brief?.model?.file;
  return file === undefined ? null : selectStill(on, file);
}

/** The picture of the part that was frozen with a decision, PNG; null where it has none. */
export async function frozenStill(decisionId: string): Promise<Buffer | null> {
  return reading(async (on) => {
    const [row] = await rows<{ still: Buffer | null }>(on, 'SELECT still FROM decisions WHERE id = ?', [decisionId]);
    return row?.still ?? null;
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
