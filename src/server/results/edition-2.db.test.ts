import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { demoBriefs } from '../demo/seed';
import { pool } from '../db';
import { archiveStudy, createStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { edition2Report, renewed } from '.';

beforeAll(() => freshDatabase('edition_2'));
afterAll(closeAll);

const MIGRATION = readFileSync(join(process.cwd(), 'db/migrations/0037_results_before.sql'), 'utf8');

test('a database that no earlier edition worked in has nothing to tell', async () => {
  await createStudy(demoBriefs()[0]!);
  await renewed();
  expect(await edition2Report()).toEqual({ lines: [] });
});

test('what an earlier core had listed is kept by the migration, and told study by study with the reasons', async () => {
  const knob = await createStudy(demoBriefs().find((b) => b.title === 'Setting-scale knob')!);
  const hub = await createStudy(demoBriefs().find((b) => b.title === 'Tripod hub')!);
  await renewed();
  await pool().query(
    "UPDATE study_results SET core_version = '1.3.0', leader = 'pressure-die/hot' WHERE study_id = ?",
    [knob.id],
  );
  await pool().query("UPDATE study_results SET core_version = '1.2.0' WHERE study_id = ?", [hub.id]);
  await pool().query('DROP TABLE results_before');
  await pool().query(MIGRATION);
  // Worked out anew it is no longer of the earlier core; what was before stays.
  await renewed();
  const { lines } = await edition2Report();
  expect(lines.map((l) => l.studyId).sort()).toEqual([knob.id, hub.id].sort());
  const [ofKnob, ofHub] = [knob, hub].map((s) => lines.find((l) => l.studyId === s.id));
  expect(ofKnob).toMatchObject({ before: 'pressure-die/hot', coreBefore: '1.3.0', signed: null });
  expect(ofKnob?.leader).not.toBe('pressure-die/hot');
  expect(ofKnob?.allInBefore).toBeGreaterThan(ofKnob?.allIn ?? Infinity);
  const why = (line: typeof ofKnob): string[] => (line?.changes ?? []).map((c) => c.id);
  // The knob is coated, and spun in a full disc; the hub is ladled by hand into a die.
  expect(why(ofKnob)).toEqual(expect.arrayContaining(['coats', 'lost', 'dwell']));
  expect(ofHub?.before).toBe(ofHub?.leader);
  expect(why(ofHub)).toEqual(expect.arrayContaining(['dwell', 'hand']));
  expect(why(ofHub)).not.toContain('drying');
  expect(ofHub?.changes.every((c) => c.what.length > 20 && c.why.length > 20)).toBe(true);
  await archiveStudy(hub.id, true);
  expect((await edition2Report()).lines.map((l) => l.studyId)).toEqual([knob.id]);
});
