import type { Brief } from '@/core/brief';
import { change, rows, type Bound, type Runner } from '../db';
import { BRIEF_COLUMNS, briefValues, featureColumns, holeColumns, type BriefRow } from './brief-rows';

/** A row of `studies`. */
export interface StudyRow {
  readonly id: string;
  readonly title: string;
  readonly school: 'published' | 'shop' | 'specialist';
  readonly rate_set_id: string;
  readonly process_set_id: string | null;
  readonly judged: 'book' | 'one' | 'all';
  readonly foundry_id: string | null;
  readonly revision: number;
  readonly version: number;
  readonly demo: number;
  readonly created_at: string;
  readonly changed_at: string;
  readonly archived_at: string | null;
}

const STUDY =
  'id, title, school, rate_set_id, process_set_id, judged, foundry_id, revision, version, demo, created_at, changed_at, archived_at';

const marks = (ids: readonly string[]): string => ids.map(() => '?').join(', ');

export async function selectStudiesById(on: Runner, ids: readonly string[]): Promise<StudyRow[]> {
  return rows<StudyRow>(on, `SELECT ${STUDY} FROM studies WHERE id IN (${marks(ids)})`, [...ids]);
}

/** Rows in force of some studies in one of the tables of a brief; those of a list in its order. */
export async function selectInForce(
  on: Runner,
  table: 'briefs' | 'features' | 'holes',
  ids: readonly string[],
): Promise<BriefRow[]> {
  return rows<BriefRow>(
    on,
    `SELECT x.* FROM studies s JOIN ${table} x ON x.study_id = s.id AND x.revision = s.revision
      WHERE s.id IN (${marks(ids)})
      ORDER BY x.study_id${table === 'briefs' ? '' : ', x.place'}`,
    [...ids],
  );
}

export async function selectStudy(on: Runner, id: string): Promise<StudyRow | undefined> {
  return (await rows<StudyRow>(on, `SELECT ${STUDY} FROM studies WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockStudy(on: Runner, id: string): Promise<StudyRow | undefined> {
  return (await rows<StudyRow>(on, `SELECT ${STUDY} FROM studies WHERE id = ? FOR UPDATE`, [id]))[0];
}

export async function insertStudy(
  on: Runner,
  s: { id: string; title: string; school: string; rateSetId: string; demo: boolean } & Partial<
    Pick<StudyRow, 'process_set_id' | 'judged' | 'foundry_id'>
  >,
): Promise<void> {
  await change(
    on,
    `INSERT INTO studies (id, title, school, rate_set_id, process_set_id, judged, foundry_id, revision, version, demo)
     VALUES (?, ?, ?, ?, ?, ?, ?, 1, 1, ?)`,
    [s.id, s.title, s.school, s.rateSetId, s.process_set_id ?? null, s.judged ?? 'book', s.foundry_id ?? null, s.demo],
  );
}

export async function updateStudy(
  on: Runner,
  s: { id: string; title: string; school: string; revision: number; version: number },
): Promise<void> {
  await change(
    on,
    `UPDATE studies
        SET title = ?, school = ?, revision = ?, version = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [s.title, s.school, s.revision, s.version, s.id],
  );
}

export async function setArchived(on: Runner, id: string, archived: boolean): Promise<number> {
  return change(
    on,
    `UPDATE studies
        SET archived_at = ${archived ? 'CURRENT_TIMESTAMP(3)' : 'NULL'}, version = version + 1
      WHERE id = ?`,
    [id],
  );
}

export async function setRates(on: Runner, id: string, rateSetId: string): Promise<number> {
  return change(
    on,
    `UPDATE studies
        SET rate_set_id = ?, version = version + 1, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [rateSetId, id],
  );
}

/** Names of the studies that are not archived, by name; at most so many. */
export async function selectTitles(on: Runner, most: number): Promise<{ id: string; title: string }[]> {
  return rows<{ id: string; title: string }>(
    on,
    'SELECT id, title FROM studies WHERE archived_at IS NULL ORDER BY title, id LIMIT ?',
    [most],
  );
}

/** Studies, not archived, that are judged by all foundries. */
export async function selectStudiesByAll(on: Runner): Promise<{ id: string }[]> {
  return rows<{ id: string }>(
    on,
    "SELECT id FROM studies WHERE judged = 'all' AND archived_at IS NULL ORDER BY changed_at DESC, id",
  );
}

export async function setProcessSet(on: Runner, id: string, processSetId: string | null): Promise<number> {
  return change(
    on,
    `UPDATE studies
        SET process_set_id = ?, version = version + 1, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [processSetId, id],
  );
}

export async function setJudged(
  on: Runner,
  id: string,
  by: { judged: StudyRow['judged']; foundryId: string | null },
): Promise<number> {
  return change(
    on,
    `UPDATE studies
        SET judged = ?, foundry_id = ?, version = version + 1, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [by.judged, by.foundryId, id],
  );
}

export async function insertBrief(
  on: Runner,
  studyId: string,
  revision: number,
  editor: string,
  brief: Brief,
): Promise<void> {
  const marks = BRIEF_COLUMNS.map(() => '?').join(', ');
  await change(
    on,
    `INSERT INTO briefs (study_id, revision, editor, ${BRIEF_COLUMNS.join(', ')})
     VALUES (?, ?, ?, ${marks})`,
    [studyId, revision, editor, ...briefValues(brief)],
  );
  await insertTables(on, studyId, revision, brief);
}

/** Rewrites a revision in place: only one that no decision has frozen and that its own editor goes on typing in. */
export async function rewriteBrief(on: Runner, studyId: string, revision: number, brief: Brief): Promise<void> {
  await change(
    on,
    `UPDATE briefs
        SET ${BRIEF_COLUMNS.map((c) => `${c} = ?`).join(', ')}, saved_at = CURRENT_TIMESTAMP(3)
      WHERE study_id = ? AND revision = ?`,
    [...briefValues(brief), studyId, revision],
  );
  await change(on, 'DELETE FROM features WHERE study_id = ? AND revision = ?', [studyId, revision]);
  await change(on, 'DELETE FROM holes WHERE study_id = ? AND revision = ?', [studyId, revision]);
  await insertTables(on, studyId, revision, brief);
}

async function insertTables(on: Runner, studyId: string, revision: number, brief: Brief): Promise<void> {
  const insert = (
    table: 'features' | 'holes',
    place: number,
    [columns, values]: [string[], Bound[]],
  ): Promise<number> =>
    change(
      on,
      `INSERT INTO ${table} (study_id, revision, place, ${columns.join(', ')})
       VALUES (?, ?, ?, ${columns.map(() => '?').join(', ')})`,
      [studyId, revision, place, ...values],
    );
  for (const [place, f] of brief.features.entries()) await insert('features', place, featureColumns(f));
  for (const [place, h] of brief.holes.entries()) await insert('holes', place, holeColumns(h));
}

export async function selectBrief(on: Runner, studyId: string, revision: number): Promise<BriefRow | undefined> {
  return (await rows<BriefRow>(on, 'SELECT * FROM briefs WHERE study_id = ? AND revision = ?', [studyId, revision]))[0];
}

export async function selectFeatures(on: Runner, studyId: string, revision: number): Promise<BriefRow[]> {
  return rows<BriefRow>(on, 'SELECT * FROM features WHERE study_id = ? AND revision = ? ORDER BY place', [
    studyId,
    revision,
  ]);
}

export async function selectHoles(on: Runner, studyId: string, revision: number): Promise<BriefRow[]> {
  return rows<BriefRow>(on, 'SELECT * FROM holes WHERE study_id = ? AND revision = ? ORDER BY place', [
    studyId,
    revision,
  ]);
}

/** True when a decision stands on that revision, open or reopened: it is never rewritten. */
export async function isFrozen(on: Runner, studyId: string, revision: number): Promise<boolean> {
  const found = await rows<{ n: number }>(
    on,
    'SELECT COUNT(*) AS n FROM decisions WHERE study_id = ? AND revision = ?',
    [studyId, revision],
  );
  return Number(found[0]?.n ?? 0) > 0;
}

export async function insertRefusedSave(
  on: Runner,
  r: { id: string; studyId: string; baseVersion: number; editor: string; brief: Brief },
): Promise<void> {
  await change(on, 'INSERT INTO refused_saves (id, study_id, base_version, editor, brief) VALUES (?, ?, ?, ?, ?)', [
    r.id,
    r.studyId,
    r.baseVersion,
    r.editor,
    JSON.stringify(r.brief),
  ]);
  await change(
    on,
    `DELETE FROM refused_saves
      WHERE study_id = ?
        AND id NOT IN (SELECT id FROM (SELECT id FROM refused_saves WHERE study_id = ?
                                        ORDER BY refused_at DESC, id = ? DESC LIMIT ${REFUSED_KEPT}) latest)`,
    [r.studyId, r.studyId, r.id],
  );
}

/** Refused saves kept of a study: the latest. */
const REFUSED_KEPT = 20;

export async function settleRefusedSave(on: Runner, studyId: string, id: string): Promise<number> {
  return change(on, 'UPDATE refused_saves SET settled_at = CURRENT_TIMESTAMP(3) WHERE study_id = ? AND id = ?', [
    studyId,
    id,
  ]);
}

export async function selectRefusedSaves(
  on: Runner,
  studyId: string,
): Promise<{ id: string; brief: string | object; refused_at: string }[]> {
  return rows(
    on,
    'SELECT id, brief, refused_at FROM refused_saves WHERE study_id = ? AND settled_at IS NULL ORDER BY refused_at',
    [studyId],
  );
}

/** Revisions of a brief, the newest first: number, who saved it, when it was last saved. */
export async function selectRevisions(
  on: Runner,
  studyId: string,
  most: number,
): Promise<{ revision: number; editor: string; saved_at: string }[]> {
  return rows(on, 'SELECT revision, editor, saved_at FROM briefs WHERE study_id = ? ORDER BY revision DESC LIMIT ?', [
    studyId,
    most,
  ]);
}
