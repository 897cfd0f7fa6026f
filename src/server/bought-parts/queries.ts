import type { BoughtPart } from '@/core/comparison/parts-list';
import { change, rows, type Runner } from '../db';

/** A row of `bought_parts`. */
export interface BoughtPartRow {
  readonly id: string;
  readonly name: string;
  readonly material: string;
  readonly form: string;
  readonly x_mm: number;
  readonly y_mm: number;
  readonly z_mm: number;
  readonly finished_kg: number;
  readonly today_usd: number;
  readonly per_year: number;
  readonly way: string;
  readonly pieces: number;
  readonly toothed: number;
  readonly guessed: unknown;
}

const PART =
  'id, name, material, form, x_mm, y_mm, z_mm, finished_kg, today_usd, per_year, way, pieces, toothed, guessed';

export async function selectBoughtParts(on: Runner): Promise<BoughtPartRow[]> {
  return rows<BoughtPartRow>(on, `SELECT ${PART} FROM bought_parts ORDER BY id`);
}

export async function selectBoughtPart(on: Runner, id: string): Promise<BoughtPartRow | undefined> {
  return (await rows<BoughtPartRow>(on, `SELECT ${PART} FROM bought_parts WHERE id = ?`, [id]))[0];
}

export async function countBoughtParts(on: Runner): Promise<number> {
  const [found] = await rows<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM bought_parts');
  return Number(found?.n ?? 0);
}

/** Rows put in by one statement, at most. */
const AT_ONCE = 200;

/** Puts parts in; one of the same number is put over. */
export async function putBoughtParts(on: Runner, parts: readonly BoughtPart[], who: string): Promise<void> {
  for (let i = 0; i < parts.length; i += AT_ONCE) {
    const some = parts.slice(i, i + AT_ONCE);
    await change(
      on,
      `INSERT INTO bought_parts (${PART}, changed_by)
       VALUES ${some.map(() => '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)').join(', ')}
       ON DUPLICATE KEY UPDATE name = VALUES(name), material = VALUES(material), form = VALUES(form),
         x_mm = VALUES(x_mm), y_mm = VALUES(y_mm), z_mm = VALUES(z_mm), finished_kg = VALUES(finished_kg),
         today_usd = VALUES(today_usd), per_year = VALUES(per_year), way = VALUES(way), pieces = VALUES(pieces),
         toothed = VALUES(toothed), guessed = VALUES(guessed), changed_by = VALUES(changed_by),
         changed_at = CURRENT_TIMESTAMP(3)`,
      some.flatMap((p) => [
        ...[p.id, p.name, p.material, p.form, ...p.stock_mm, p.finished_kg, p.today_USD, p.perYear, p.way, p.pieces],
        ...[p.toothed, JSON.stringify(p.guessed), who],
      ]),
    );
  }
}

export async function deleteBoughtPart(on: Runner, id: string): Promise<number> {
  return change(on, 'DELETE FROM bought_parts WHERE id = ?', [id]);
}
