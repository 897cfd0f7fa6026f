import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { Brief } from '@/core/brief';
import { bracket } from '@/core/testing/demo-briefs';
import { mayRetry, pool, rows, transaction, type Runner } from '../db';
import { demoBriefs, seedDemo } from '../demo/seed';
import { reopenDecision, listDecisions } from '../decisions';
import { signDecision } from '../signing';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { archiveStudy, createStudy, dropRefusedSave, duplicateStudy, getStudy, listStudies, saveBrief } from '.';

/** What signing needs besides, in its plainest form. */
const PLAIN = { plan: false, drawn: { seed: 1, spread: 'pert', demand: false }, actions: [] } as const;

beforeAll(() => freshDatabase('studies'));
afterAll(closeAll);

const save = (id: string, brief: Brief, version: number, editor: string) =>
  saveBrief(id, { brief, school: 'published', version, editor });

test('every demo brief comes back from the database exactly as it went in', async () => {
  for (const brief of demoBriefs()) {
    // A choice nobody makes at first, so that a default cannot stand in for it.
    const plan = { first: 'plaster/printed', then: 'plaster/resin', pieces: 3 };
    const chosen: Brief = { ...brief, leads: 'regret', plan };
    const made = await createStudy(chosen);
    expect((await getStudy(made.id))?.brief).toEqual(chosen);
  }
});

test('figures come back bit for bit', async () => {
  const made = await createStudy(bracket());
  let { version } = made;
  await fc.assert(
    fc.asyncProperty(
      fc.double({ min: 1e-3, max: 50, noNaN: true }),
      fc.double({ min: 1e-3, max: 9, noNaN: true }),
      async (volume, wall) => {
        const brief = { ...made.brief, geometry: { ...made.brief.geometry, volume_cm3: volume, wallMin_mm: wall } };
        const result = await save(made.id, brief, version, 'a');
        if (result.outcome !== 'saved') throw new Error(result.outcome);
        version = result.version;
        const back = await getStudy(made.id);
        expect(back?.brief.geometry.volume_cm3).toBe(volume);
        expect(back?.brief.geometry.wallMin_mm).toBe(wall);
      },
    ),
    { numRuns: 25 },
  );
});

describe('saving', () => {
  test('one editor goes on in his revision, another makes the next', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    const one = await save(made.id, { ...made.brief, title: 'One' }, 1, 'a');
    expect(one).toMatchObject({ outcome: 'saved', revision: 1, version: 2 });
    const two = await save(made.id, { ...made.brief, title: 'Two' }, 2, 'b');
    expect(two).toMatchObject({ outcome: 'saved', revision: 2, version: 3 });
  });

  test('a save that lost the race is refused; both versions stand until one is chosen', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    await save(made.id, { ...made.brief, title: 'First' }, 1, 'a');
    const lost = await save(made.id, { ...made.brief, title: 'Second' }, 1, 'b');
    if (lost.outcome !== 'conflict') throw new Error(lost.outcome);
    expect(lost.current.brief.title).toBe('First');
    const kept = await getStudy(made.id);
    expect(kept?.title).toBe('First');
    expect(kept?.refused.map((r) => r.brief.title)).toEqual(['Second']);
    const settled = await saveBrief(made.id, {
      brief: { ...made.brief, title: 'Second' },
      school: 'published',
      version: lost.current.version,
      editor: 'b',
      settles: lost.refusedId,
    });
    expect(settled.outcome).toBe('saved');
    expect((await getStudy(made.id))?.refused).toEqual([]);
  });

  test('a refused save can be put aside', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    await save(made.id, made.brief, 1, 'a');
    const lost = await save(made.id, made.brief, 1, 'b');
    if (lost.outcome !== 'conflict') throw new Error(lost.outcome);
    expect(await dropRefusedSave(made.id, lost.refusedId)).toBe(true);
    expect((await getStudy(made.id))?.refused).toEqual([]);
  });

  test('of many saves at once on one version exactly one is taken', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    const results = await Promise.all(
      Array.from({ length: 8 }, (_, i) => save(made.id, { ...made.brief, title: `Save ${i}` }, 1, `e${i}`)),
    );
    expect(results.filter((r) => r.outcome === 'saved')).toHaveLength(1);
    expect(results.filter((r) => r.outcome === 'conflict')).toHaveLength(7);
    expect((await getStudy(made.id))?.refused).toHaveLength(7);
  });

  test('nothing is half written: a failure in the middle leaves the old brief whole', async () => {
    const made = await createStudy(bracket({ features: [{ id: 'a', nominal_mm: 10, tol_mm: 1 }] }), { editor: 'a' });
    const broken = { ...made.brief, title: 'Broken', features: [{ ...made.brief.features[0], tol_mm: -1 }] } as Brief;
    await expect(save(made.id, broken, 1, 'a')).rejects.toThrow(/features_sizes|CONSTRAINT/i);
    const back = await getStudy(made.id);
    expect(back?.title).toBe('Bracket');
    expect(back?.version).toBe(1);
    expect(back?.brief.features).toHaveLength(1);
  });

  test('an unknown study is missing', async () => {
    expect(await save(randomUUID(), bracket(), 1, 'a')).toEqual({ outcome: 'missing' });
    expect(await getStudy(randomUUID())).toBeUndefined();
  });
});

describe('decisions', () => {
  test('signing freezes brief, rates and results; the next save makes a new revision', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    const signed = await signDecision(made.id, {
      laneId: 'gravity-die/hand',
      quantity: 2000,
      why: 'Least all in.',
      signedBy: 'Buyer',
      signedOn: '2027-01-05',
      version: 1,
      ...PLAIN,
    });
    if (signed.outcome !== 'signed') throw new Error(signed.outcome);
    const saved = await save(made.id, { ...made.brief, title: 'Changed after' }, 2, 'a');
    expect(saved).toMatchObject({ outcome: 'saved', revision: 2 });
    const [record] = await listDecisions(made.id);
    expect(record?.revision).toBe(1);
    expect(record?.snapshot.brief.title).toBe('Bracket');
    expect(record?.snapshot.evaluation.lanes).toHaveLength(21);
    expect(record?.snapshot.case.against.length).toBeGreaterThan(0);
    expect(record?.snapshot.rates.global.Rlab.v).toEqual([26, 36, 52]);
    expect((await listStudies()).studies.find((s) => s.id === made.id)?.decision).toMatchObject({
      state: 'signed',
      laneId: 'gravity-die/hand',
    });
    expect(await reopenDecision(made.id, record?.id ?? '')).toBe(true);
    expect(await reopenDecision(made.id, record?.id ?? '')).toBe(false);
    expect((await listStudies()).studies.find((s) => s.id === made.id)?.decision).toMatchObject({ state: 'reopened' });
  });

  test('a ruled-out lane cannot be signed, nor a study that has moved on', async () => {
    const made = await createStudy(bracket(), { editor: 'a' });
    const input = { quantity: 100, why: 'x', signedBy: 'x', signedOn: '2027-01-05', ...PLAIN };
    expect(await signDecision(made.id, { ...input, laneId: 'spin/organic-rubber', version: 1 })).toMatchObject({
      outcome: 'barred',
    });
    expect(await signDecision(made.id, { ...input, laneId: 'gravity-die/hand', version: 9 })).toMatchObject({
      outcome: 'conflict',
    });
  });
});

test('archive, restore, duplicate', async () => {
  const made = await createStudy(bracket({ title: 'To archive' }));
  expect(await archiveStudy(made.id, true)).toBe(true);
  expect((await listStudies()).studies.some((s) => s.id === made.id)).toBe(false);
  expect((await listStudies({ archived: true })).studies.some((s) => s.id === made.id)).toBe(true);
  await archiveStudy(made.id, false);
  const copy = await duplicateStudy(made.id);
  expect(copy?.title).toBe('To archive (copy)');
  expect(copy?.brief.geometry).toEqual(made.brief.geometry);
});

test('demo studies are put in once, also after they were removed', async () => {
  expect(await transaction((on) => seedDemo(on as unknown as Runner))).toBe(9);
  expect(await transaction((on) => seedDemo(on as unknown as Runner))).toBe(0);
});

test('a deadlock is tried again, another error is not', async () => {
  let turns = 0;
  const result = await transaction((on) => {
    turns++;
    if (turns < 3) return Promise.reject(Object.assign(new Error('certification failed'), { errno: 1213 }));
    return rows<{ one: number }>(on, 'SELECT 1 AS one');
  });
  expect(turns).toBe(3);
  expect(result[0]?.one).toBe(1);
  expect(mayRetry({ errno: 1062 })).toBe(false);
  let once = 0;
  await expect(
    transaction(() => {
      once++;
      return Promise.reject(new Error('other'));
    }),
  ).rejects.toThrow('other');
  expect(once).toBe(1);
});

test('a real deadlock between two transactions ends with both done', async () => {
  const a = await createStudy(bracket({ title: 'A' }));
  const b = await createStudy(bracket({ title: 'B' }));
  const touch = async (first: string, second: string): Promise<void> => {
    await transaction(async (on) => {
      await on.execute('UPDATE studies SET version = version + 1 WHERE id = ?', [first]);
      await new Promise((done) => setTimeout(done, 60));
      await on.execute('UPDATE studies SET version = version + 1 WHERE id = ?', [second]);
    });
  };
  await Promise.all([touch(a.id, b.id), touch(b.id, a.id)]);
  expect((await getStudy(a.id))?.version).toBe(3);
  expect((await getStudy(b.id))?.version).toBe(3);
});

test('the server runs with full durability, UTC and utf8mb4', async () => {
  const [row] = await rows<Record<string, string | number>>(
    pool(),
    'SELECT @@innodb_flush_log_at_trx_commit AS flush, @@session.time_zone AS zone, @@character_set_connection AS charset_name',
  );
  expect(row).toEqual({ flush: 1, zone: '+00:00', charset_name: 'utf8mb4' });
});
