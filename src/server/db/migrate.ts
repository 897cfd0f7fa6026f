import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Connection, RowDataPacket } from 'mysql2/promise';

/** One numbered change of the schema: one statement, safe to repeat, never edited once merged. */
export interface Migration {
  readonly number: number;
  readonly name: string;
  readonly sql: string;
}

/** Numbered .sql files of a folder, in order. A gap or a repeated number is refused. */
export function readMigrations(folder: string): Migration[] {
  const all = readdirSync(folder)
    .filter((file) => file.endsWith('.sql'))
    .sort()
    .map((file) => {
      const match = /^(\d{4})_([a-z0-9_]+)\.sql$/.exec(file);
      if (!match) throw new Error(`Migration ${file} is not named NNNN_what.sql`);
      return { number: Number(match[1]), name: match[2] ?? '', sql: readFileSync(join(folder, file), 'utf8') };
    });
  all.forEach((m, i) => {
    if (m.number !== i + 1) throw new Error(`Migration ${m.number} should be number ${i + 1}`);
  });
  return all;
}

const TABLE = `
  CREATE TABLE IF NOT EXISTS schema_migrations (
    number INT UNSIGNED NOT NULL,
    name VARCHAR(80) NOT NULL,
    applied_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3),
    PRIMARY KEY (number)
  ) ENGINE = InnoDB`;

/**
 * Brings the schema up to date. A named lock keeps two starters apart; the number is recorded after its statement
 * has succeeded, so a run that was cut off is simply repeated.
 *
 * @returns the migrations applied now
 * @throws Error naming the migration that failed, or a database newer than this build
 */
export async function migrate(on: Connection, migrations: readonly Migration[]): Promise<Migration[]> {
  const [lock] = await on.query<RowDataPacket[]>("SELECT GET_LOCK(CONCAT('nine-pours-', DATABASE()), 30) AS got");
  if (lock[0]?.['got'] !== 1) throw new Error('Another start is migrating this database; wait for it and start again.');
  try {
    await on.query(TABLE);
    const [done] = await on.query<RowDataPacket[]>('SELECT number FROM schema_migrations');
    const known = new Set(done.map((row) => Number(row['number'])));
    const newest = Math.max(0, ...known);
    if (newest > migrations.length) {
      throw new Error(
        `The database is at migration ${newest}, newer than this build (${migrations.length}). Start a newer build.`,
      );
    }
    const applied: Migration[] = [];
    for (const m of migrations.filter((x) => !known.has(x.number))) {
      try {
        await on.query(m.sql);
      } catch (error) {
        throw new Error(
          `Migration ${m.number} (${m.name}) failed: ${error instanceof Error ? error.message : String(error)}`,
          { cause: error },
        );
      }
      await on.execute('INSERT INTO schema_migrations (number, name) VALUES (?, ?)', [m.number, m.name]);
      applied.push(m);
    }
    return applied;
  } finally {
    await on.query("SELECT RELEASE_LOCK(CONCAT('nine-pours-', DATABASE()))");
  }
}
