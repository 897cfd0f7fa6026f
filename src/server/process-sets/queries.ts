import type { OwnValue, OwnValues } from '@/core/process-values';
import { change, rows, type Runner } from '../db';

/** A row of `process_sets`, its values apart. */
export interface ProcessSetRow {
  readonly id: string;
  readonly name: string;
  readonly copied_from: string;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly archived_at: string | null;
}

const SET = 'id, name, copied_from, version, changed_at, changed_by, archived_at';

export async function selectProcessSets(on: Runner): Promise<ProcessSetRow[]> {
  return rows<ProcessSetRow>(
    on,
    `SELECT ${SET} FROM process_sets WHERE archived_at IS NULL ORDER BY changed_at DESC, id`,
  );
}

export async function selectProcessSet(on: Runner, id: string): Promise<ProcessSetRow | undefined> {
  return (await rows<ProcessSetRow>(on, `SELECT ${SET} FROM process_sets WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockProcessSet(on: Runner, id: string): Promise<ProcessSetRow | undefined> {
  return (await rows<ProcessSetRow>(on, `SELECT ${SET} FROM process_sets WHERE id = ? FOR UPDATE`, [id]))[0];
}

export async function insertProcessSet(
  on: Runner,
  s: { id: string; name: string; copiedFrom: string; who: string },
): Promise<void> {
  await change(on, 'INSERT INTO process_sets (id, name, copied_from, changed_by) VALUES (?, ?, ?, ?)', [
    s.id,
    s.name,
    s.copiedFrom,
    s.who,
  ]);
}

export async function updateProcessSet(
  on: Runner,
  s: { id: string; name: string; version: number; who: string },
): Promise<void> {
  await change(
    on,
    `UPDATE process_sets
        SET name = ?, version = ?, changed_by = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [s.name, s.version, s.who, s.id],
  );
}

export async function archiveProcessSetRow(on: Runner, id: string): Promise<number> {
  return change(on, 'UPDATE process_sets SET archived_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND archived_at IS NULL', [
    id,
  ]);
}

interface ValueRow {
  readonly path: string;
  readonly low: number | null;
  readonly likely: number | null;
  readonly high: number | null;
  readonly words: string | null;
  readonly known: OwnValue['known'];
  readonly source: string;
  readonly seen_on: string | null;
}

/** A set's own values by path. */
export async function selectValues(on: Runner, id: string): Promise<OwnValues> {
  const found = await rows<ValueRow>(
    on,
    `SELECT path, low, likely, high, words, known, source, DATE_FORMAT(seen_on, '%Y-%m-%d') AS seen_on
       FROM process_values
      WHERE process_set_id = ?
      ORDER BY path`,
    [id],
  );
  return Object.fromEntries(
    found.map(({ path, low, likely, high, words, known, source, seen_on: date }): [string, OwnValue] => [
      path,
      {
        v: likely === null ? (words ?? '') : low === null || high === null ? likely : [low, likely, high],
        known,
        source,
        date,
      },
    ]),
  );
}

export async function putValue(on: Runner, id: string, path: string, value: OwnValue): Promise<void> {
  const { v, known, source, date } = value;
  const [low, likely, high, words] =
    typeof v === 'string' ? [null, null, null, v] : typeof v === 'number' ? [null, v, null, null] : [...v, null];
  await change(
    on,
    `INSERT INTO process_values (process_set_id, path, low, likely, high, words, known, source, seen_on)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE low = VALUES(low), likely = VALUES(likely), high = VALUES(high), words = VALUES(words),
       known = VALUES(known), source = VALUES(source), seen_on = VALUES(seen_on)`,
    [id, path, low ?? null, likely ?? null, high ?? null, words ?? null, known, source, date],
  );
}

export async function dropValue(on: Runner, id: string, path: string): Promise<void> {
  await change(on, 'DELETE FROM process_values WHERE process_set_id = ? AND path = ?', [id, path]);
}

export async function insertProcessChange(
  on: Runner,
  c: { id: string; version: number; who: string; why: string; path: string; was: unknown; became: unknown },
): Promise<void> {
  const json = (x: unknown): string | null => (x === null || x === undefined ? null : JSON.stringify(x));
  await change(
    on,
    `INSERT INTO process_changes (process_set_id, version, changed_by, why, path, was, became)
     VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [c.id, c.version, c.who, c.why, c.path, json(c.was), json(c.became)],
  );
}

/** A row of `process_changes`. */
export interface ProcessChangeRow {
  readonly id: number;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

export async function selectProcessChanges(on: Runner, id: string, limit: number): Promise<ProcessChangeRow[]> {
  return rows<ProcessChangeRow>(
    on,
    `SELECT id, version, changed_at, changed_by, why, path, was, became
       FROM process_changes
      WHERE process_set_id = ?
      ORDER BY id DESC
      LIMIT ${Math.floor(limit)}`,
    [id],
  );
}

/** Studies, not archived, that use a set; of `null`, those that use the book's values. */
export async function selectStudiesOfProcess(on: Runner, id: string | null): Promise<{ id: string }[]> {
  return rows<{ id: string }>(
    on,
    'SELECT id FROM studies WHERE process_set_id <=> ? AND archived_at IS NULL ORDER BY changed_at DESC, id',
    [id],
  );
}

/** How many studies, not archived, use each set. */
export async function countProcessUses(on: Runner): Promise<Map<string, number>> {
  const found = await rows<{ process_set_id: string; n: number }>(
    on,
    `SELECT process_set_id, COUNT(*) AS n
       FROM studies
      WHERE archived_at IS NULL AND process_set_id IS NOT NULL
      GROUP BY process_set_id`,
  );
  return new Map(found.map((r) => [r.process_set_id, Number(r.n)]));
}
