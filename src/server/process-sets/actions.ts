import 'server-only';
import { randomUUID } from 'node:crypto';
import type { BriefIssue } from '@/core/brief';
import { bookEntries, disorders, entryAt, refusedValue, type OwnValue, type OwnValues } from '@/core/process-values';
import { BOOK_PROCESS_ID, BOOK_PROCESS_REF, type ProcessRef } from '@/core/rates';
import { isoTime, reading, transaction } from '../db';
import {
  archiveProcessSetRow,
  countProcessUses,
  dropValue,
  insertProcessChange,
  insertProcessSet,
  lockProcessSet,
  putValue,
  selectProcessChanges,
  selectProcessSet,
  selectProcessSets,
  selectStudiesOfProcess,
  updateProcessSet,
} from './queries';
import { loadProcess, processRefOf } from './repo';

/** One line of the list of sets of process values. */
export interface ProcessSetSummary {
  readonly id: string;
  readonly name: string;
  /** The book's own: read-only. */
  readonly book: boolean;
  readonly version: number;
  readonly ownValues: number;
  readonly copiedFrom: string | null;
  readonly changedAt: string | null;
  readonly changedBy: string | null;
  /** Studies that use it. */
  readonly studies: number;
}

/** One change of one value of a set; null stands for the book's value. */
export interface ProcessChange {
  readonly id: number;
  readonly version: number;
  readonly at: string;
  readonly who: string;
  readonly why: string;
  readonly path: string;
  readonly was: OwnValue | string | null;
  readonly became: OwnValue | string | null;
}

/** A set with its history. */
export interface ProcessSetRecord {
  readonly ref: ProcessRef;
  readonly book: boolean;
  readonly copiedFrom: string | null;
  readonly changedAt: string | null;
  readonly changedBy: string | null;
  readonly changes: readonly ProcessChange[];
}

/** Changes shown with a set. */
const CHANGES_SHOWN = 2000;

/** Every set that is not archived, the book's first. */
export async function listProcessSets(): Promise<ProcessSetSummary[]> {
  return reading(async (on) => {
    const uses = await countProcessUses(on);
    const out: ProcessSetSummary[] = [
      {
        id: BOOK_PROCESS_ID,
        name: BOOK_PROCESS_REF.name,
        book: true,
        version: BOOK_PROCESS_REF.version,
        ownValues: 0,
        copiedFrom: null,
        changedAt: null,
        changedBy: null,
        studies: (await selectStudiesOfProcess(on, null)).length,
      },
    ];
    for (const row of await selectProcessSets(on)) {
      const { own } = await processRefOf(on, row);
      out.push({
        id: row.id,
        name: row.name,
        book: false,
        version: row.version,
        ownValues: Object.keys(own).length,
        copiedFrom: row.copied_from,
        changedAt: isoTime(row.changed_at),
        changedBy: row.changed_by,
        studies: uses.get(row.id) ?? 0,
      });
    }
    return out;
  });
}

/** A set with its history; undefined when there is none of that id. */
export async function getProcessSet(id: string): Promise<ProcessSetRecord | undefined> {
  if (id === BOOK_PROCESS_ID)
    return { ref: BOOK_PROCESS_REF, book: true, copiedFrom: null, changedAt: null, changedBy: null, changes: [] };
  return reading(async (on) => {
    const row = await selectProcessSet(on, id);
    if (row === undefined) return undefined;
    return {
      ref: await processRefOf(on, row),
      book: false,
      copiedFrom: row.copied_from,
      changedAt: isoTime(row.changed_at),
      changedBy: row.changed_by,
      changes: (await selectProcessChanges(on, id, CHANGES_SHOWN)).map((c) => ({
        id: Number(c.id),
        version: c.version,
        at: isoTime(c.changed_at),
        who: c.changed_by,
        why: c.why,
        path: c.path,
        was: c.was as ProcessChange['was'],
        became: c.became as ProcessChange['became'],
      })),
    };
  });
}

/** Makes a set of a team's own out of another one, value for value; undefined when there is none of that id. */
export async function copyProcessSet(
  from: string,
  { name, who }: { name: string; who: string },
): Promise<ProcessRef | undefined> {
  return transaction(async (on) => {
    const row = from === BOOK_PROCESS_ID ? undefined : await selectProcessSet(on, from);
    if (from !== BOOK_PROCESS_ID && row === undefined) return undefined;
    const own = row === undefined ? {} : (await processRefOf(on, row)).own;
    const id = randomUUID();
    await insertProcessSet(on, { id, name, copiedFrom: from, who });
    for (const [path, value] of Object.entries(own)) await putValue(on, id, path, value);
    return loadProcess(on, id);
  });
}

/** What a save changes. A value of null goes back to the book's; what is not named stays. */
export interface ProcessSetChange {
  readonly values?: Readonly<Record<string, OwnValue | null>> | undefined;
  readonly name?: string | undefined;
}

export type ProcessSaveResult =
  | { readonly outcome: 'saved'; readonly ref: ProcessRef }
  | { readonly outcome: 'conflict'; readonly current: ProcessRef; readonly changedBy: string }
  | { readonly outcome: 'refused'; readonly issues: readonly BriefIssue[] }
  | { readonly outcome: 'read-only' }
  | { readonly outcome: 'missing' };

/** What is wrong with the values of a change: path, value and what would be accepted. */
export function valueIssues(values: Readonly<Record<string, OwnValue | null>>): BriefIssue[] {
  return Object.entries(values).flatMap(([path, value]) => {
    const entry = entryAt(path);
    const message =
      entry === undefined ? 'a process value of the book' : value === null ? null : refusedValue(entry, value.v);
    return message === null ? [] : [{ path: `values.${path}`, value: value?.v, message }];
  });
}

/** A reference after a change; a value that is the book's again is no longer an own one. */
export function changedValues(ref: ProcessRef, change: ProcessSetChange): ProcessRef {
  const own: Record<string, OwnValue> = { ...ref.own };
  for (const [path, value] of Object.entries(change.values ?? {})) {
    const book = bookEntries().get(path)?.value;
    if (value === null || JSON.stringify(book) === JSON.stringify(value.v)) Reflect.deleteProperty(own, path);
    else own[path] = value;
  }
  return { ...ref, name: change.name ?? ref.name, own };
}

/** Limits of which a usual one would lie beyond an exceptional one, after a change. */
export const orderIssues = (own: OwnValues): BriefIssue[] =>
  disorders(own).map(({ path, value, message }) => ({ path: `values.${path}`, value, message }));

/**
 * Saves changes to a team's own set read at `version`, with who made them and why. A set that somebody else saved in
 * between is refused as a conflict; the book's values are never changed.
 */
export async function saveProcessSet(
  id: string,
  input: { change: ProcessSetChange; version: number; who: string; why: string },
): Promise<ProcessSaveResult> {
  if (id === BOOK_PROCESS_ID) return { outcome: 'read-only' };
  const issues = valueIssues(input.change.values ?? {});
  if (issues.length > 0) return { outcome: 'refused', issues };
  return transaction<ProcessSaveResult>(async (on) => {
    const row = await lockProcessSet(on, id);
    if (row === undefined) return { outcome: 'missing' };
    const was = await processRefOf(on, row);
    if (row.version !== input.version) return { outcome: 'conflict', current: was, changedBy: row.changed_by };
    const now = changedValues(was, input.change);
    const unordered = orderIssues(now.own);
    if (unordered.length > 0) return { outcome: 'refused', issues: unordered };
    const version = row.version + 1;
    const { who, why } = input;
    const log = (path: string, before: unknown, after: unknown): Promise<void> =>
      insertProcessChange(on, { id, version, who, why, path, was: before, became: after });
    for (const path of Object.keys(input.change.values ?? {})) {
      const before = was.own[path] ?? null;
      const after = now.own[path] ?? null;
      if (JSON.stringify(before) === JSON.stringify(after)) continue;
      if (after === null) await dropValue(on, id, path);
      else await putValue(on, id, path, after);
      await log(path, before, after);
    }
    if (was.name !== now.name) await log('name', was.name, now.name);
    await updateProcessSet(on, { id, name: now.name, version, who });
    return { outcome: 'saved', ref: await loadProcess(on, id) };
  });
}

/** Puts a set of a team's own away; refused while studies use it. */
export async function archiveProcessSet(id: string): Promise<'archived' | 'used' | 'missing'> {
  return transaction(async (on) => {
    const row = await lockProcessSet(on, id);
    if (row === undefined) return 'missing';
    if ((await selectStudiesOfProcess(on, id)).length > 0) return 'used';
    return (await archiveProcessSetRow(on, id)) > 0 ? 'archived' : 'missing';
  });
}
