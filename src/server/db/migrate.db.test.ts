import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql, { type Connection, type RowDataPacket } from 'mysql2/promise';
import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { freshDatabase, testUrl } from '../testing/test-database';
import { connectionOptions } from './pool';
import { migrate, readMigrations, type Migration } from './migrate';

let on: Connection;
const folder = mkdtempSync(join(tmpdir(), 'migrations-'));

beforeAll(async () => {
  await freshDatabase('migrate');
  on = await mysql.createConnection(connectionOptions(testUrl('migrate')));
});
afterAll(async () => {
  await on.end();
  rmSync(folder, { recursive: true, force: true });
});
afterEach(async () => {
  await on.query('DROP TABLE IF EXISTS migration_probe');
  await on.query('DELETE FROM schema_migrations WHERE number > ?', [shipped().length]);
});

const shipped = (): Migration[] => readMigrations(join(import.meta.dirname, '../../../db/migrations'));
const next = (sql: string): Migration[] => [...shipped(), { number: shipped().length + 1, name: 'probe', sql }];

test('the shipped migrations are applied once', async () => {
  expect(await migrate(on, shipped())).toEqual([]);
});

test('a new one is applied and recorded; a second run does nothing', async () => {
  const more = next('CREATE TABLE IF NOT EXISTS migration_probe (id INT PRIMARY KEY) ENGINE = InnoDB');
  expect((await migrate(on, more)).map((m) => m.name)).toEqual(['probe']);
  expect(await migrate(on, more)).toEqual([]);
});

test('one that fails is named and not recorded; repaired, it is applied', async () => {
  await expect(migrate(on, next('CREATE TABLE migration_probe (id NONSENSE)'))).rejects.toThrow(
    new RegExp(`Migration ${shipped().length + 1} \\(probe\\) failed`),
  );
  const [rows] = await on.query<RowDataPacket[]>('SELECT number FROM schema_migrations WHERE number > ?', [
    shipped().length,
  ]);
  expect(rows).toHaveLength(0);
  expect(
    await migrate(on, next('CREATE TABLE IF NOT EXISTS migration_probe (id INT PRIMARY KEY) ENGINE = InnoDB')),
  ).toHaveLength(1);
});

test('a database newer than the build is left alone', async () => {
  await on.query("INSERT INTO schema_migrations (number, name) VALUES (99, 'from the future')");
  await expect(migrate(on, shipped())).rejects.toThrow(/newer than this build/);
});

test('two starters at once: one waits, both find the schema whole', async () => {
  const other = await mysql.createConnection(connectionOptions(testUrl('migrate')));
  const more = next('CREATE TABLE IF NOT EXISTS migration_probe (id INT PRIMARY KEY) ENGINE = InnoDB');
  const done = await Promise.all([migrate(on, more), migrate(other, more)]);
  await other.end();
  expect(done.map((d) => d.length).sort()).toEqual([0, 1]);
});

describe('a folder of migrations', () => {
  test('must be named and numbered without a gap', () => {
    writeFileSync(join(folder, '0001_first.sql'), 'SELECT 1');
    expect(readMigrations(folder)).toHaveLength(1);
    writeFileSync(join(folder, '0003_third.sql'), 'SELECT 1');
    expect(() => readMigrations(folder)).toThrow('Migration 3 should be number 2');
    rmSync(join(folder, '0003_third.sql'));
    writeFileSync(join(folder, 'second.sql'), 'SELECT 1');
    expect(() => readMigrations(folder)).toThrow('not named NNNN_what.sql');
  });
});

test('the schema’s own checks refuse what Zod would have caught', async () => {
  const study =
    "INSERT INTO studies (id, title, rate_set_id, revision, version) VALUES ('00000000-0000-4000-8000-000000000001', ?, ?, 1, 1)";
  await expect(on.execute(study, ['', 'shipped-1'])).rejects.toThrow(/studies_title/);
  await expect(on.execute(study, ['x', 'no-such-set'])).rejects.toThrow(/foreign key/i);
  await on.execute(study, ['x', 'shipped-1']);
  const brief = (column: string, value: number) =>
    on.query(
      `INSERT INTO briefs (study_id, revision, editor, title, alloy_mode, form, details, ${column}) VALUES ('00000000-0000-4000-8000-000000000001', 1, 'e', 'x', 'one', 'flat', '{}', ${value})`,
    );
  await expect(brief('volume_cm3', -1)).rejects.toThrow(/briefs_positive/);
  await expect(brief('box_l_mm', 5)).rejects.toThrow(/briefs_box/);
});
