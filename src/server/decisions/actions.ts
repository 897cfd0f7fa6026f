import 'server-only';
import { reading, transaction } from '../db';
import { lockStudy, updateStudy } from '../studies/queries';
import { insertDissent, markReopened, selectDecisions, selectFrozenStill } from './queries';
import type { DecisionRecord, Dissent } from './record';

/** Decisions of a study, the latest first. */
export async function listDecisions(studyId: string): Promise<DecisionRecord[]> {
  return reading((on) => selectDecisions(on, studyId));
}

/** One decision of a study with what was written against it, or undefined. */
export const getDecision = (studyId: string, id: string): Promise<DecisionRecord | undefined> =>
  reading(async (on) => (await selectDecisions(on, studyId)).find((d) => d.id === id));

/** The picture of the part that was frozen with a decision, PNG; null where it has none. */
export async function frozenStill(decisionId: string): Promise<Buffer | null> {
  return reading((on) => selectFrozenStill(on, decisionId));
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
    const n = await markReopened(on, studyId, decisionId);
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
