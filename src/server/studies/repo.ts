import { readStoredBrief, type Brief, type BriefIssue, type StoredBrief } from '@/core/brief';
import type { TolerancePolicy } from '@/core/part';
import type { RateRef } from '@/core/rates';
import { isoTime, type Runner } from '../db';
import { activeFoundries, foundryOf } from '../foundries/repo';
import { loadProcess } from '../process-sets/repo';
import { loadRates } from '../rates/repo';
import { teamAlloys } from '../team-alloys';
import { briefFromRows, type BriefRow } from './brief-rows';
import {
  selectBrief,
  selectFeatures,
  selectHoles,
  selectInForce,
  selectRefusedSaves,
  selectStudiesById,
  selectStudy,
  type StudyRow,
} from './queries';

/** A save that lost a race and still waits for its author's choice. */
export interface RefusedSave {
  readonly id: string;
  readonly brief: Brief;
  readonly refusedAt: string;
}

/** A study as the screens use it. Times are UTC, ISO 8601. */
export interface StudyRecord {
  readonly id: string;
  readonly title: string;
  readonly school: TolerancePolicy;
  readonly rates: RateRef;
  readonly revision: number;
  readonly version: number;
  readonly demo: boolean;
  readonly createdAt: string;
  readonly changedAt: string;
  readonly archivedAt: string | null;
  readonly brief: Brief;
  /** Stored values of the brief that this build does not take: left out of it. Empty for a sound one. */
  readonly unread: readonly BriefIssue[];
}

/** A study row with its current brief. */
export async function withBrief(on: Runner, row: StudyRow): Promise<StudyRecord> {
  const stored = await loadStored(on, row.id, row.revision);
  if (stored === undefined) throw new Error(`Study ${row.id} has no brief of revision ${row.revision}`);
  return studyOf(row, await ratesOfStudy(on, row), stored);
}

/** What a study is judged by. */
type JudgedRow = Pick<StudyRow, 'rate_set_id' | 'process_set_id' | 'judged' | 'foundry_id'>;

/** Rates of a study, with the process values and the foundries it is judged by. */
export async function ratesOfStudy(on: Runner, row: JudgedRow): Promise<RateRef> {
  const rates = await loadRates(on, row.rate_set_id);
  const process = row.process_set_id === null ? undefined : await loadProcess(on, row.process_set_id);
  const one = row.judged === 'one' && row.foundry_id !== null ? await foundryOf(on, row.foundry_id) : undefined;
  const alloys = await teamAlloys(on);
  const list = row.judged === 'all' ? await activeFoundries(on) : one === undefined ? [] : [one];
  return {
    ...rates,
    ...(process === undefined ? {} : { process }),
    ...(alloys === undefined ? {} : { alloys }),
    ...(row.judged === 'book' || (row.judged === 'one' && one === undefined)
      ? {}
      : { foundries: { judged: row.judged, list } }),
  };
}

/** Studies by id, in the order given, those there are: a handful of statements, however many. */
export async function loadStudies(on: Runner, ids: readonly string[]): Promise<StudyRecord[]> {
  if (ids.length === 0) return [];
  const found = new Map((await selectStudiesById(on, ids)).map((row) => [row.id, row]));
  const briefs = new Map((await selectInForce(on, 'briefs', ids)).map((b) => [b['study_id'] as string, b]));
  const features = grouped(await selectInForce(on, 'features', ids));
  const holes = grouped(await selectInForce(on, 'holes', ids));
  const keyOf = (row: JudgedRow): string => [row.rate_set_id, row.process_set_id, row.judged, row.foundry_id].join(' ');
  const rates = new Map<string, RateRef>();
  for (const row of found.values()) if (!rates.has(keyOf(row))) rates.set(keyOf(row), await ratesOfStudy(on, row));
  return ids.flatMap((id) => {
    const row = found.get(id);
    const brief = briefs.get(id);
    const set = row === undefined ? undefined : rates.get(keyOf(row));
    if (row === undefined || brief === undefined || set === undefined) return [];
    return [studyOf(row, set, briefFromRows(brief, features.get(id) ?? [], holes.get(id) ?? []))];
  });
}

function grouped(list: readonly BriefRow[]): Map<string, BriefRow[]> {
  const out = new Map<string, BriefRow[]>();
  for (const row of list) {
    const id = row['study_id'] as string;
    const known = out.get(id);
    if (known === undefined) out.set(id, [row]);
    else known.push(row);
  }
  return out;
}

function studyOf(row: StudyRow, rates: RateRef, stored: StoredBrief): StudyRecord {
  return {
    id: row.id,
    title: row.title,
    school: row.school,
    rates,
    revision: row.revision,
    version: row.version,
    demo: Boolean(row.demo),
    createdAt: isoTime(row.created_at),
    changedAt: isoTime(row.changed_at),
    archivedAt: row.archived_at === null ? null : isoTime(row.archived_at),
    ...stored,
  };
}

/** A brief at a revision, or undefined. */
export async function loadBrief(on: Runner, studyId: string, revision: number): Promise<Brief | undefined> {
  return (await loadStored(on, studyId, revision))?.brief;
}

async function loadStored(on: Runner, studyId: string, revision: number): Promise<StoredBrief | undefined> {
  const row = await selectBrief(on, studyId, revision);
  if (row === undefined) return undefined;
  return briefFromRows(row, await selectFeatures(on, studyId, revision), await selectHoles(on, studyId, revision));
}

/** A study by id, or undefined. */
export async function loadStudy(on: Runner, id: string): Promise<StudyRecord | undefined> {
  const row = await selectStudy(on, id);
  return row === undefined ? undefined : withBrief(on, row);
}

/** Saves of a study that were refused and not yet settled. */
export async function loadRefusedSaves(on: Runner, studyId: string): Promise<RefusedSave[]> {
  return (await selectRefusedSaves(on, studyId)).map((row) => {
    const { brief } = readStoredBrief(typeof row.brief === 'string' ? JSON.parse(row.brief) : row.brief);
    return { id: row.id, brief, refusedAt: isoTime(row.refused_at) };
  });
}
