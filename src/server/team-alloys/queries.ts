import type { AlloyFacts } from '@/core/team-alloys';
import { change, rows, type Runner } from '../db';

/** A row of `team_alloys`. */
export interface TeamAlloyRow {
  readonly id: string;
  readonly name: string;
  readonly from_id: string;
  readonly facts: unknown;
  readonly source: string;
  readonly read_on: string | null;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly archived_at: string | null;
}

const ALLOY = 'id, name, from_id, facts, source, read_on, version, changed_at, changed_by, archived_at';

/** Alloys of the team; those put away too, since studies may still be of them. */
export async function selectTeamAlloys(on: Runner): Promise<TeamAlloyRow[]> {
  return rows<TeamAlloyRow>(on, `SELECT ${ALLOY} FROM team_alloys ORDER BY name, id`);
}

export async function selectTeamAlloy(on: Runner, id: string): Promise<TeamAlloyRow | undefined> {
  return (await rows<TeamAlloyRow>(on, `SELECT ${ALLOY} FROM team_alloys WHERE id = ?`, [id]))[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockTeamAlloy(on: Runner, id: string): Promise<TeamAlloyRow | undefined> {
  return (await rows<TeamAlloyRow>(on, `SELECT ${ALLOY} FROM team_alloys WHERE id = ? FOR UPDATE`, [id]))[0];
}

interface Said {
  readonly id: string;
  readonly name: string;
  readonly facts: AlloyFacts;
  readonly source: string;
  readonly date: string | null;
  readonly who: string;
}

export async function insertTeamAlloy(on: Runner, a: Said & { readonly from: string }): Promise<void> {
  await change(
    on,
    `INSERT INTO team_alloys (id, name, from_id, facts, source, read_on, changed_by) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [a.id, a.name, a.from, JSON.stringify(a.facts), a.source, a.date, a.who],
  );
}

export async function updateTeamAlloy(on: Runner, a: Said & { readonly version: number }): Promise<void> {
  await change(
    on,
    `UPDATE team_alloys
        SET name = ?, facts = ?, source = ?, read_on = ?, version = ?, changed_by = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [a.name, JSON.stringify(a.facts), a.source, a.date, a.version, a.who, a.id],
  );
}

export async function archiveTeamAlloyRow(on: Runner, id: string): Promise<number> {
  return change(on, 'UPDATE team_alloys SET archived_at = CURRENT_TIMESTAMP(3) WHERE id = ? AND archived_at IS NULL', [
    id,
  ]);
}

export async function insertTeamAlloyChange(
  on: Runner,
  c: { id: string; version: number; who: string; why: string; path: string; was: unknown; became: unknown },
): Promise<void> {
  await change(
    on,
    `INSERT INTO team_alloy_changes (alloy_id, version, changed_by, why, path, was, became) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [c.id, c.version, c.who, c.why, c.path, JSON.stringify(c.was), JSON.stringify(c.became)],
  );
}

/** A row of `team_alloy_changes`. */
export interface TeamAlloyChangeRow {
  readonly id: number;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly why: string;
  readonly path: string;
  readonly was: unknown;
  readonly became: unknown;
}

/** The latest changes of an alloy, the last one first. */
export async function selectTeamAlloyChanges(on: Runner, id: string, limit: number): Promise<TeamAlloyChangeRow[]> {
  return rows<TeamAlloyChangeRow>(
    on,
    `SELECT id, version, changed_at, changed_by, why, path, was, became
       FROM team_alloy_changes
      WHERE alloy_id = ?
      ORDER BY id DESC
      LIMIT ${Math.floor(limit)}`,
    [id],
  );
}

/** Studies, not archived, whose brief is of an alloy; the latest changed first. */
export async function selectStudiesOfAlloy(on: Runner, id: string): Promise<{ id: string; title: string }[]> {
  return rows<{ id: string; title: string }>(
    on,
    `SELECT s.id, s.title
       FROM studies s
       JOIN briefs b ON b.study_id = s.id AND b.revision = s.revision
      WHERE b.alloy = ? AND s.archived_at IS NULL
      ORDER BY s.changed_at DESC, s.id`,
    [id],
  );
}

/** A row of `alloy_prices`. */
export interface PriceRow {
  readonly id: number;
  readonly alloy_id: string;
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  readonly priced_on: string;
  readonly source: string;
  readonly entered_at: string;
  readonly entered_by: string;
  readonly withdrawn_at: string | null;
  readonly withdrawn_by: string | null;
}

const PRICE = 'id, alloy_id, low, likely, high, priced_on, source, entered_at, entered_by, withdrawn_at, withdrawn_by';

/** Prices of an alloy, the latest day first. */
export async function selectPricesOf(on: Runner, alloyId: string): Promise<PriceRow[]> {
  return rows<PriceRow>(
    on,
    `SELECT ${PRICE} FROM alloy_prices WHERE alloy_id = ? ORDER BY priced_on DESC, id DESC LIMIT 500`,
    [alloyId],
  );
}

/** The price in force of each alloy that has one. */
export async function selectPricesInForce(on: Runner): Promise<PriceRow[]> {
  return rows<PriceRow>(
    on,
    `SELECT ${PRICE}
       FROM (SELECT ${PRICE}, ROW_NUMBER() OVER (PARTITION BY alloy_id ORDER BY priced_on DESC, id DESC) AS place
               FROM alloy_prices
              WHERE withdrawn_at IS NULL) latest
      WHERE place = 1`,
  );
}

export async function insertPrice(
  on: Runner,
  p: { alloyId: string; low: number; likely: number; high: number; date: string; source: string; who: string },
): Promise<void> {
  await change(
    on,
    `INSERT INTO alloy_prices (alloy_id, low, likely, high, priced_on, source, entered_by) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [p.alloyId, p.low, p.likely, p.high, p.date, p.source, p.who],
  );
}

export async function withdrawPriceRow(on: Runner, alloyId: string, id: number, who: string): Promise<number> {
  return change(
    on,
    `UPDATE alloy_prices SET withdrawn_at = CURRENT_TIMESTAMP(3), withdrawn_by = ?
      WHERE id = ? AND alloy_id = ? AND withdrawn_at IS NULL`,
    [who, id, alloyId],
  );
}
