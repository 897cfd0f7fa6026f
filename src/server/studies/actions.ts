import 'server-only';
import { randomUUID } from 'node:crypto';
import type { Brief } from '@/core/brief';
import type { TolerancePolicy } from '@/core/part';
import { SHIPPED_RATES, type RateRef } from '@/core/rates';
import { reading, transaction } from '../db';
import { lockRateSet } from '../rates/queries';
import { lockFoundry } from '../foundries/queries';
import { lockProcessSet } from '../process-sets/queries';
import {
  insertBrief,
  insertRefusedSave,
  insertStudy,
  isFrozen,
  lockStudy,
  rewriteBrief,
  selectBrief,
  selectTitles,
  setArchived,
  setJudged,
  setProcessSet,
  setRates,
  settleRefusedSave,
  updateStudy,
} from './queries';
import { selectStudyPage, type ListAsked, type StudyPage } from './list-queries';
import { loadRefusedSaves, loadStudy, ratesOfStudy, type RefusedSave, type StudyRecord } from './repo';

/** A page of the studies that are (or are not) archived. */
export async function listStudies(asked: Partial<ListAsked> = {}): Promise<StudyPage> {
  const whole: ListAsked = { archived: false, search: '', sort: 'changedAt', up: false, page: 1, ...asked };
  const page = await reading((on) => selectStudyPage(on, whole));
  return page;
}

/** Studies that can be offered to choose from at once. */
const MOST_TITLES = 10_000;

/** Names of the studies that are not archived, by name. */
export async function studyTitles(): Promise<readonly { readonly id: string; readonly title: string }[]> {
  return reading((on) => selectTitles(on, MOST_TITLES));
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
  options: {
    school?: TolerancePolicy;
    rateSetId?: string;
    processSetId?: string | null;
    judged?: 'book' | 'one' | 'all';
    foundryId?: string | null;
    editor?: string;
    demo?: boolean;
    id?: string;
  } = {},
): Promise<StudyRecord> {
  const { id = randomUUID(), school = 'published', editor = 'server', demo = false } = options;
  const { rateSetId = SHIPPED_RATES.id, processSetId = null, judged = 'book', foundryId = null } = options;
  return transaction(async (on) => {
    await insertStudy(on, {
      id,
      title: brief.title,
      school,
      rateSetId,
      demo,
      process_set_id: processSetId,
      judged,
      foundry_id: foundryId,
    });
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
  input: { brief: Brief; school: TolerancePolicy; version: number; editor: string; settles?: string | undefined },
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
    // Locked, so that the set is not put away while a study chooses it.
    const set = await lockRateSet(on, input.rateSetId);
    if (set === undefined || set.archived_at !== null) return { outcome: 'no-set' };
    await setRates(on, id, input.rateSetId);
    return {
      outcome: 'chosen',
      version: row.version + 1,
      rates: await ratesOfStudy(on, { ...row, rate_set_id: input.rateSetId }),
    };
  });
}

/** Lets a study read at `version` be judged by another set of process values; null for the book's. */
export async function chooseProcess(
  id: string,
  input: { processSetId: string | null; version: number },
): Promise<ChooseRatesResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
    if (input.processSetId !== null) {
      const set = await lockProcessSet(on, input.processSetId);
      if (set === undefined || set.archived_at !== null) return { outcome: 'no-set' };
    }
    await setProcessSet(on, id, input.processSetId);
    const now = { ...row, process_set_id: input.processSetId };
    return { outcome: 'chosen', version: row.version + 1, rates: await ratesOfStudy(on, now) };
  });
}

/** Lets a study read at `version` be judged by the book, by one foundry, or by all of them. */
export async function judgeBy(
  id: string,
  input: { judged: 'book' | 'one' | 'all'; foundryId: string | null; version: number },
): Promise<ChooseRatesResult> {
  return transaction(async (on) => {
    const row = await lockStudy(on, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
    if (input.judged === 'one') {
      const foundry = input.foundryId === null ? undefined : await lockFoundry(on, input.foundryId);
      if (foundry === undefined || foundry.archived_at !== null) return { outcome: 'no-set' };
    }
    const by = { judged: input.judged, foundryId: input.judged === 'one' ? input.foundryId : null };
    await setJudged(on, id, by);
    const now = { ...row, judged: by.judged, foundry_id: by.foundryId };
    return { outcome: 'chosen', version: row.version + 1, rates: await ratesOfStudy(on, now) };
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
  const { process, foundries } = study.rates;
  return createStudy(
    { ...study.brief, title },
    {
      school: study.school,
      rateSetId: study.rates.id,
      processSetId: process?.id ?? null,
      judged: foundries?.judged ?? 'book',
      foundryId: foundries?.judged === 'one' ? (foundries.list[0]?.id ?? null) : null,
    },
  );
}

/** Archives a study or takes it back; false when there is none of that id. */
export async function archiveStudy(id: string, archived: boolean): Promise<boolean> {
  return transaction(async (on) => (await setArchived(on, id, archived)) > 0);
}
