import type { FoundryProfile } from '@/core/foundries';
import { change, rows, type Runner } from '../db';

/** A row of `foundries`. */
export interface FoundryRow {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly profile: unknown;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly archived_at: string | null;
}

const FOUNDRY = 'id, name, note, profile, version, changed_at, changed_by, archived_at';

export async function selectFoundries(on: Runner): Promise<FoundryRow[]> {
  return rows<FoundryRow>(on, `SELECT ${FOUNDRY} FROM foundries WHERE archived_at IS NULL ORDER BY name, id`);
}

export async function selectFoundry(on: Runner, id: string): Promise<FoundryRow | undefined> {
  return (await rows<FoundryRow>(on, `SELECT ${FOUNDRY} FROM foundries WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockFoundry(on: Runner, id: string): Promise<FoundryRow | undefined> {
  return (await rows<FoundryRow>(on, `SELECT ${FOUNDRY} FROM foundries WHERE id = ? FOR UPDATE`, [id]))[0];
}

export async function insertFoundry(
  on: Runner,
  f: { id: string; name: string; note: string; profile: FoundryProfile; who: string },
): Promise<void> {
  await change(on, 'INSERT INTO foundries (id, name, note, profile, changed_by) VALUES (?, ?, ?, ?, ?)', [
    f.id,
    f.name,
    f.note,
    JSON.stringify(f.profile),
    f.who,
  ]);
}

export async function updateFoundry(
  on: Runner,
  f: { id: string; name: string; note: string; profile: FoundryProfile; version: number; who: string },
): Promise<void> {
  await change(
    on,
    `UPDATE foundries
        SET name = ?, note = ?, profile = ?, version = ?, changed_by = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [f.name, f.note, JSON.stringify(f.profile), f.version, f.who, f.id],
  );
}

export async function archiveFoundryRow(on: Runner, id: string): Promise<number> {
  return change(on, 'UPDATE foundries SET archived_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND archived_at IS NULL', [
    id,
  ]);
}

export async function insertFoundryChange(
  on: Runner,
  c: { id: string; version: number; who: string; why: string; path: string; was: unknown; became: unknown },
): Promise<void> {
  const json = (x: unknown): string | null => (x === null || x === undefined ? null : JSON.stringify(x));
  await change(
    on,
    `INSERT INTO foundry_changes (foundry_id, version, changed_by, why, path, was, became)
     VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [c.id, c.version, c.who, c.why, c.path, json(c.was), json(c.became)],
  );
}

/** A row of `foundry_changes`. */
export interface FoundryChangeRow {
  readonly id: number;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

export async function selectFoundryChanges(on: Runner, id: string, limit: number): Promise<FoundryChangeRow[]> {
  return rows<FoundryChangeRow>(
    on,
    `SELECT id, version, changed_at, changed_by, why, path, was, became
       FROM foundry_changes
      WHERE foundry_id = ?
      ORDER BY id DESC
      LIMIT ${Math.floor(limit)}`,
    [id],
  );
}

/** Studies, not archived, that are judged by a foundry. */
export async function selectStudiesOfFoundry(on: Runner, id: string): Promise<{ id: string; title: string }[]> {
  return rows<{ id: string; title: string }>(
    on,
    "SELECT id, title FROM studies WHERE judged = 'one' AND foundry_id = ? AND archived_at IS NULL ORDER BY title, id",
    [id],
  );
}
