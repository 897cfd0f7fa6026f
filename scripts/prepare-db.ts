import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { migrate, readMigrations } from '../src/server/db/migrate';
import { connectionOptions } from '../src/server/db/pool';
import type { Runner } from '../src/server/db/transaction';
import { seedDemo } from '../src/server/demo/seed';
import { env } from '../src/server/env';
import { shipRates } from '../src/server/rates/ship';

/**
 * Brings the database of DATABASE_URL up to date: migrations, the shipped rate set, and (unless --empty) the demo
 * studies once. Exit code 1 with one plain message on failure.
 */
async function main(): Promise<void> {
  const on = await mysql.createConnection(connectionOptions(env().DATABASE_URL));
  try {
    const applied = await migrate(on, readMigrations(join(import.meta.dirname, '../db/migrations')));
    if (applied.length > 0) console.log(`Database brought to migration ${applied.at(-1)?.number}.`);
    await on.beginTransaction();
    const runner = on as unknown as Runner;
    await shipRates(runner);
    const seeded = process.argv.includes('--empty') ? 0 : await seedDemo(runner);
    await on.commit();
    if (seeded > 0) console.log(`${seeded} demo studies put in.`);
  } finally {
    await on.end();
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
});
