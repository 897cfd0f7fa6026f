import type { RateSet } from '@/core/rates';
import type { OwnFigure } from '@/core/rates';
import { change, rows, type Runner } from '../db';

/** A row of `rate_sets`, its figures apart. */
export interface RateSetRow {
  readonly id: string;
  readonly name: string;
  readonly shipped: number;
  readonly currency: string;
  readonly copied_from: string | null;
  readonly version: number;
  readonly holidays: readonly string[] | null;
  readonly changed_at: string;
  readonly changed_by: string | null;
  readonly archived_at: string | null;
}

const SET = 'id, name, shipped, currency, copied_from, version, holidays, changed_at, changed_by, archived_at';

export async function selectRateSets(on: Runner): Promise<RateSetRow[]> {
  return rows<RateSetRow>(
    on,
    `SELECT ${SET} FROM rate_sets WHERE archived_at IS NULL ORDER BY shipped DESC, changed_at DESC, id`,
  );
}

export async function selectRateSet(on: Runner, id: string): Promise<RateSetRow | undefined> {
  return (await rows<RateSetRow>(on, `SELECT ${SET} FROM rate_sets WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockRateSet(on: Runner, id: string): Promise<RateSetRow | undefined> {
  return (await rows<RateSetRow>(on, `SELECT ${SET} FROM rate_sets WHERE id = ? FOR UPDATE`, [id]))[0];
}

export async function insertRateSet(
  on: Runner,
  s: { id: string; name: string; currency: string; copiedFrom: string; holidays: readonly string[]; who: string },
): Promise<void> {
  await change(
    on,
    `INSERT INTO rate_sets (id, name, shipped, currency, copied_from, holidays, changed_by)
     VALUES (?, ?, FALSE, ?, ?, ?, ?)`,
    [s.id, s.name, s.currency, s.copiedFrom, JSON.stringify(s.holidays), s.who],
  );
}

export async function updateRateSet(
  on: Runner,
  s: { id: string; name: string; currency: string; version: number; holidays: readonly string[]; who: string },
): Promise<void> {
  await change(
    on,
    `UPDATE rate_sets
        SET name = ?, currency = ?, version = ?, holidays = ?, changed_by = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [s.name, s.currency, s.version, JSON.stringify(s.holidays), s.who, s.id],
  );
}

export async function setRateSetArchived(on: Runner, id: string): Promise<number> {
  return change(
    on,
    'UPDATE rate_sets SET archived_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND shipped = FALSE AND archived_at IS NULL',
    [id],
  );
}

interface FigureRow {
  readonly path: string;
  readonly low: number | null;
  readonly likely: number;
  readonly high: number | null;
}

/** A set's own figures by path. */
export async function selectFigures(on: Runner, id: string): Promise<Record<string, OwnFigure>> {
  const found = await rows<FigureRow>(
    on,
    'SELECT path, low, likely, high FROM rate_figures WHERE rate_set_id = ? ORDER BY path',
    [id],
  );
  return Object.fromEntries(
    found.map((f): [string, OwnFigure] => [
      f.path,
      f.low === null || f.high === null ? f.likely : [f.low, f.likely, f.high],
    ]),
  );
}

export async function putFigure(on: Runner, id: string, path: string, value: OwnFigure): Promise<void> {
  const [low, likely, high] = typeof value === 'number' ? [null, value, null] : value;
  await change(
    on,
    `INSERT INTO rate_figures (rate_set_id, path, low, likely, high) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE low = VALUES(low), likely = VALUES(likely), high = VALUES(high)`,
    [id, path, low, likely, high],
  );
}

export async function dropFigure(on: Runner, id: string, path: string): Promise<void> {
  await change(on, 'DELETE FROM rate_figures WHERE rate_set_id = ? AND path = ?', [id, path]);
}

export async function insertChange(
  on: Runner,
  c: { id: string; version: number; who: string; why: string; path: string; was: unknown; became: unknown },
): Promise<void> {
  await change(
    on,
    `INSERT INTO rate_changes (rate_set_id, version, changed_by, why, path, was, became)
     VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [c.id, c.version, c.who, c.why, c.path, json(c.was), json(c.became)],
  );
}

const json = (x: unknown): string | null => (x === null || x === undefined ? null : JSON.stringify(x));

/** A row of `rate_changes`. */
export interface ChangeRow {
  readonly id: number;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** The latest changes of a set, the last one first. */
export async function selectChanges(on: Runner, id: string, limit: number): Promise<ChangeRow[]> {
  return rows<ChangeRow>(
    on,
    `SELECT id, version, changed_at, changed_by, why, path, was, became
       FROM rate_changes
      WHERE rate_set_id = ?
      ORDER BY id DESC
      LIMIT ${Math.floor(limit)}`,
    [id],
  );
}

/** Studies, not archived, that use a set. */
export async function selectStudiesOf(on: Runner, id: string): Promise<{ id: string }[]> {
  return rows<{ id: string }>(
    on,
    'SELECT id FROM studies WHERE rate_set_id = ? AND archived_at IS NULL ORDER BY title, id',
    [id],
  );
}

/** How many studies, not archived, use each set. */
export async function countUses(on: Runner): Promise<Map<string, number>> {
  const found = await rows<{ rate_set_id: string; n: number }>(
    on,
    'SELECT rate_set_id, COUNT(*) AS n FROM studies WHERE archived_at IS NULL GROUP BY rate_set_id',
  );
  return new Map(found.map((r) => [r.rate_set_id, Number(r.n)]));
}

/** Puts a shipped rate set in, where it is not there yet. */
export async function insertShipped(on: Runner, rates: RateSet): Promise<void> {
  await change(
    on,
    `INSERT INTO rate_sets (id, name, shipped, currency, figures) VALUES (?, ?, TRUE, ?, ?)
     ON DUPLICATE KEY UPDATE id = id`,
    [rates.id, rates.name, rates.currency.code, JSON.stringify(rates)],
  );
}
