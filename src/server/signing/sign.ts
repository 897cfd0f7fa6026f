import 'server-only';
import { randomUUID } from 'node:crypto';
import type { JobProgress } from '@/core/base/job-progress';
import { CORE_VERSION } from '@/core/base/version';
import type { Brief } from '@/core/brief';
import { reading, transaction, type Runner } from '../db';
import type { Signing } from '../decisions';
import { insertDecision, insertDissent, selectDecisions, selectOpenDecision } from '../decisions/queries';
import type { DecisionRecord } from '../decisions/record';
import { RequestError } from '../http';
import { inPool } from '../jobs';
import { selectStill } from '../part-files/queries';
import { rateKey, ratesOf } from '@/core/rates';
import { quotedBy } from '../quotes/repo';
import { lockStudy, selectStudy, updateStudy } from '../studies/queries';
import { loadBrief, ratesOfStudy } from '../studies/repo';
import { teamWeights } from '../weights';

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
 * @param report hears how far the work is
 */
export async function signDecision(
  studyId: string,
  input: Signing,
  signal?: AbortSignal,
  report?: (progress: JobProgress) => void,
): Promise<SignResult> {
  const weights = (await teamWeights()).weights;
  const read = await reading(async (on) => {
    const row = await selectStudy(on, studyId);
    if (row === undefined) return undefined;
    const standing = await selectOpenDecision(on, studyId);
    const brief = await loadBrief(on, studyId, row.revision);
    const rates = await ratesOfStudy(on, row);
    const quoted = await quotedBy(on, studyId, ratesOf(rates).currency.code, input.signedOn);
    return { row, standing, brief, still: await stillOf(on, brief), rates, quoted };
  });
  if (read?.brief === undefined) return { outcome: 'missing' };
  const { row, brief, rates, still, quoted } = read;
  if (read.standing !== undefined) return { outcome: 'standing', ...read.standing };
  if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
  const orderDate = brief.quantity.orderDate ?? input.orderDate ?? input.signedOn;
  const school = row.school;
  const snapshot = await inPool(
    'freeze',
    { brief, school, rates, signing: input, orderDate, weights, quoted },
    signal,
    report,
  );
  if ('barred' in snapshot) return { outcome: 'barred', reason: snapshot.barred };
  if (signal?.aborted === true) throw new RequestError(499, 'Called off by whoever asked. Nothing was saved.');
  return transaction(async (on) => {
    const now = await lockStudy(on, studyId);
    if (now === undefined) return { outcome: 'missing' };
    const standing = await selectOpenDecision(on, studyId);
    if (standing !== undefined) return { outcome: 'standing', ...standing };
    const ratesNow = await ratesOfStudy(on, now);
    const quotesNow = await quotedBy(on, studyId, ratesOf(ratesNow).currency.code, input.signedOn);
    if (
      now.version !== input.version ||
      rateKey(ratesNow) !== rateKey(rates) ||
      JSON.stringify(quotesNow) !== JSON.stringify(quoted)
    )
      return { outcome: 'conflict', version: now.version };
    const id = randomUUID();
    await insertDecision(on, {
      id,
      studyId,
      revision: row.revision,
      laneId: input.laneId,
      quantity: input.quantity,
      school,
      rateSetId: rates.id,
      coreVersion: CORE_VERSION,
      why: input.why,
      signedBy: input.signedBy,
      signedOn: input.signedOn,
      actions: input.actions,
      frozen: snapshot,
      still,
    });
    if (input.dissent !== undefined) await insertDissent(on, id, input.dissent);
    await updateStudy(on, { id: studyId, title: now.title, school, revision: now.revision, version: now.version + 1 });
    const decision = (await selectDecisions(on, studyId)).find((d) => d.id === id) as DecisionRecord;
    return { outcome: 'signed', decision };
  });
}

/** The picture of the part as it is now: it is frozen with the record. */
async function stillOf(on: Runner, brief: Brief | undefined): Promise<Buffer | null> {
  const file = brief?.model?.file;
  return file === undefined ? null : selectStill(on, file);
}
