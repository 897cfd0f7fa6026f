import 'server-only';
import { randomUUID } from 'node:crypto';
import { leaderAt, prepareStudy } from '@/core/board';
import { lifetimeQuantity, type Brief } from '@/core/brief';
import type { School } from '@/core/part';
import { ratesOf, SHIPPED_RATES, type RateRef } from '@/core/rates';
import { CORE_VERSION } from '@/core/version';
import { decisionStates, type DecisionState } from '../decisions/states';
import { reading, transaction } from '../db';
import { selectRateSet } from '../rates/queries';
import { loadRates } from '../rates/repo';
import {
  insertBrief,
  insertRefusedSave,
  insertStudy,
  isFrozen,
  lockStudy,
  rewriteBrief,
  selectBrief,
  selectStudies,
  setArchived,
  setRates,
  settleRefusedSave,
  updateStudy,
} from './queries';
import { loadRefusedSaves, loadStudy, withBrief, type RefusedSave, type StudyRecord } from './repo';

/** One line of the list of studies. */
export interface StudySummary {
  readonly id: string;
  readonly title: string;
  readonly alloy: string | null;
  /** Pieces over the life, or null. */
  readonly quantity: number | null;
  /** Lane id of the leader at that quantity, or null. */
  readonly leader: string | null;
  /** Kept file of its part, which has a still; null where it has none. */
  readonly partFile: string | null;
  readonly decision: DecisionState;
  readonly changedAt: string;
  readonly archivedAt: string | null;
  readonly demo: boolean;
}

/** Leaders by study version and core version: worked out once for each. */
const leaders = new Map<string, string | null>();

function leaderOf(study: StudyRecord): string | null {
  const q = lifetimeQuantity(study.brief);
  if (q === null) return null;
  const key = `${study.id} ${study.version} ${study.rates.id} ${study.rates.version} ${CORE_VERSION}`;
  const known = leaders.get(key);
  if (known !== undefined) return known;
  const leader = leaderAt(prepareStudy(study.brief, study.school, ratesOf(study.rates)), q);
  if (leaders.size > 2000) leaders.clear();
  leaders.set(key, leader);
  return leader;
}

/** Every study that is (or is not) archived, newest change first. */
export async function listStudies(archived = false): Promise<StudySummary[]> {
  return reading(async (on) => {
    const studies = [];
    for (const row of await selectStudies(on, archived)) studies.push(await withBrief(on, row));
    const states = await decisionStates(on);
    return studies.map((s) => ({
      id: s.id,
      title: s.title,
      alloy: s.brief.alloy,
      quantity: lifetimeQuantity(s.brief),
      leader: leaderOf(s),
      partFile: s.brief.model?.file ?? null,
      decision: states.get(s.id) ?? { state: 'open' },
      changedAt: s.changedAt,
      archivedAt: s.archivedAt,
      demo: s.demo,
    }));
  });
}

/** A study with what still waits for a choice, or undefined. */
export async function getStudy(id: string): Promise<(StudyRecord & { refused: RefusedSave[] }) | undefined> {
  return reading(async (on) => {
    const study = await loadStudy(on, id);
    return study === undefined ? undefined : { ...study, refused: await loadRefusedSaves(on, id) };
  });
}

/** Makes a study from a brief. */
export async function createStudy(
  brief: Brief,
  options: { school?: School; rateSetId?: string; editor?: string; demo?: boolean; id?: string } = {},
): Promise<StudyRecord> {
  const { id = randomUUID(), school = 'published', editor = 'server', demo = false } = options;
  const { rateSetId = SHIPPED_RATES.id } = options;
  return transaction(async (on) => {
    await insertStudy(on, { id, title: brief.title, school, rateSetId, demo });
    await insertBrief(on, id, 1, editor, brief);
    return (await loadStudy(on, id)) as StudyRecord;
  });
}

/** What a save came to. */
export type SaveResult =
  | { readonly outcome: 'saved'; readonly revision: number; readonly version: number; readonly changedAt: string }
  | { readonly outcome: 'conflict'; readonly refusedId: string; readonly current: StudyRecord }
  | { readonly outcome: 'missing' };

/**
 * Saves a brief that was read at `version`. Goes on in the editor's own revision where nobody has frozen it, else
 * makes the next one. A save that lost a race is refused: the newer one stays, and the refused one is kept beside it.
 */
export async function saveBrief(
  id: string,
  input: { brief: Brief; school: School; version: number; editor: string; settles?: string | undefined },
): Promise<SaveResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) {
      const refusedId = randomUUID();
      await insertRefusedSave(on, {
        id: refusedId,
        studyId: id,
        baseVersion: input.version,
        editor: input.editor,
        brief: input.brief,
      });
      return { outcome: 'conflict', refusedId, current: (await loadStudy(on, id)) as StudyRecord };
    }
    const last = await selectBrief(on, id, row.revision);
    const goesOn = last?.['editor'] === input.editor && !(await isFrozen(on, id, row.revision));
    const revision = goesOn ? row.revision : row.revision + 1;
    if (goesOn) await rewriteBrief(on, id, revision, input.brief);
    else await insertBrief(on, id, revision, input.editor, input.brief);
    await updateStudy(on, { id, title: input.brief.title, school: input.school, revision, version: row.version + 1 });
    if (input.settles !== undefined) await settleRefusedSave(on, id, input.settles);
    const saved = (await loadStudy(on, id)) as StudyRecord;
    return { outcome: 'saved', revision, version: saved.version, changedAt: saved.changedAt };
  });
}

export type ChooseRatesResult =
  | { readonly outcome: 'chosen'; readonly version: number; readonly rates: RateRef }
  | { readonly outcome: 'conflict'; readonly version: number }
  | { readonly outcome: 'missing' }
  | { readonly outcome: 'no-set' };

/** Lets a study read at `version` use another rate set. */
export async function chooseRates(
  id: string,
  input: { rateSetId: string; version: number },
): Promise<ChooseRatesResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
    const set = await selectRateSet(on, input.rateSetId);
    if (set === undefined || set.archived_at !== null) return { outcome: 'no-set' };
    await setRates(on, id, input.rateSetId);
    return { outcome: 'chosen', version: row.version + 1, rates: await loadRates(on, input.rateSetId) };
  });
}

/** Puts aside a refused save whose author chose the newer one. */
export async function dropRefusedSave(studyId: string, refusedId: string): Promise<boolean> {
  return transaction(async (on) => (await settleRefusedSave(on, studyId, refusedId)) > 0);
}

/** A copy of a study, titled as such; undefined when there is none of that id. */
export async function duplicateStudy(id: string): Promise<StudyRecord | undefined> {
  const study = await getStudy(id);
  if (study === undefined) return undefined;
  const title = `${study.title} (copy)`.slice(0, 120);
  return createStudy({ ...study.brief, title }, { school: study.school, rateSetId: study.rates.id });
}

/** Archives a study or takes it back; false when there is none of that id. */
export async function archiveStudy(id: string, archived: boolean): Promise<boolean> {
  return transaction(async (on) => (await setArchived(on, id, archived)) > 0);
}
