import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import type { OwnValue } from '@/core/process-values';
import { BOOK_PROCESS_ID, ratesOf, type ProcessRef } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { processCsv, readProcessCsv, readProcessJson } from '../exchange';
import { inPool } from '../jobs';
import { processEffects, renewed, saveProcess, studyPage } from '../results';
import { chooseProcess, createStudy, duplicateStudy, getStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { archiveProcessSet, copyProcessSet, getProcessSet, listProcessSets } from '.';

beforeAll(() => freshDatabase('process_sets'));
afterAll(closeAll);

const seen = (v: OwnValue['v'], date: string | null = '2026-12-07'): OwnValue => ({
  v,
  known: 'measured',
  source: 'trial 14',
  date,
});
const copy = async (from = BOOK_PROCESS_ID): Promise<ProcessRef> => {
  const made = await copyProcessSet(from, { name: 'Own', who: 'Ilse Varga' });
  if (made === undefined) throw new Error('no copy');
  return made;
};
const save = (ref: ProcessRef, change: Parameters<typeof saveProcess>[1]['change'], version = ref.version) =>
  saveProcess(ref.id, { change, version, who: 'Ilse Varga', why: 'trial 14' });
const saved = async (ref: ProcessRef, change: Parameters<typeof saveProcess>[1]['change']): Promise<ProcessRef> => {
  const result = await save(ref, change);
  if (result.outcome !== 'saved') throw new Error(JSON.stringify(result));
  return result.ref;
};
const SCRAP = '["gravity-die"].scrap.settled';

describe('a set of process values', () => {
  test('keeps figures, bands, words and lists with how they are known, and their history', async () => {
    const made = await copy();
    const values = {
      [SCRAP]: seen([0.01, 0.0123456789, 0.03]),
      '["gravity-die"].hole.minDia.any': seen(6.5, null),
      '["gravity-die"].families.copper.ok': seen('limited'),
      '["gravity-die"].layout.nAllowed': seen('1, 2, 3'),
    };
    const next = await saved(made, { values, name: 'Ours' });
    expect(next).toEqual({ id: made.id, name: 'Ours', version: 2, own: values });
    const record = await getProcessSet(made.id);
    expect(record?.ref).toEqual(next);
    expect(record?.changes.map((c) => c.path).sort()).toEqual([...Object.keys(values), 'name'].sort());
    expect(record?.changes.every((c) => c.who === 'Ilse Varga' && c.why === 'trial 14' && c.version === 2)).toBe(true);
    expect((await copyProcessSet(made.id, { name: 'Again', who: 'x' }))?.own).toEqual(values);
    const back = await saved(next, { values: { [SCRAP]: null, '["gravity-die"].families.copper.ok': seen('yes') } });
    expect(Object.keys(back.own).sort()).toEqual(
      ['["gravity-die"].hole.minDia.any', '["gravity-die"].layout.nAllowed'].sort(),
    );
  });

  test('refuses what is no value, what contradicts its neighbours, and a save that lost a race', async () => {
    const made = await copy();
    expect(await save(made, { values: { 'no.such': seen(1), [SCRAP]: seen([3, 2, 1]) } })).toMatchObject({
      outcome: 'refused',
      issues: [
        { path: 'values.no.such', message: 'a process value of the book' },
        { path: `values.${SCRAP}`, value: [3, 2, 1], message: 'at most 0.95 is wanted' },
      ],
    });
    expect(await save(made, { values: { '["gravity-die"].mass_kg.max': seen(13) } })).toMatchObject({
      outcome: 'refused',
      issues: [{ value: 13, message: 'at most 12, the limit above it, is wanted' }],
    });
    expect(await save(made, { values: { '["gravity-die"].wallMin.zinc[0]': seen(5) } })).toMatchObject({
      outcome: 'refused',
      issues: [{ value: 5, message: 'at most 4, the figure beside it, is wanted' }],
    });
    await saved(made, { values: { [SCRAP]: seen([0.01, 0.02, 0.03]) } });
    expect(await save(made, { name: 'Late' })).toMatchObject({ outcome: 'conflict', current: { version: 2 } });
    expect((await saveProcess(BOOK_PROCESS_ID, { change: {}, version: 1, who: 'x', why: '' })).outcome).toBe(
      'read-only',
    );
    expect((await saveProcess('gone', { change: {}, version: 1, who: 'x', why: '' })).outcome).toBe('missing');
    expect(await copyProcessSet('gone', { name: 'x', who: 'y' })).toBeUndefined();
  });

  test('goes out as CSV and comes back without a change, and into another set value for value', async () => {
    const set = await saved(await copy(), {
      values: { [SCRAP]: seen([0.01, 0.02, 0.03]), '["gravity-die"].families.copper.ok': seen('no') },
    });
    const csv = processCsv(set);
    expect(readProcessCsv(csv, set)).toMatchObject({ values: {}, issues: [] });
    expect(readProcessCsv(csv, await copy()).values).toEqual(set.own);
    // The same by JSON, as the set gives itself out; what another build would not take is named and the rest is read.
    const json = JSON.stringify({ ref: set });
    expect(readProcessJson(json, set)).toMatchObject({ values: {}, issues: [] });
    expect(readProcessJson(json, await copy()).values).toEqual(set.own);
    const [path = ''] = Object.keys(set.own);
    const broken = { own: { ...set.own, cheese: { v: 1, known: 'assumed' }, [path]: { v: 'dear', known: 'assumed' } } };
    const read = readProcessJson(JSON.stringify(broken), await copy());
    expect(read.issues.map((i) => i.path).toSorted()).toEqual([path, 'cheese'].toSorted());
    expect(Object.keys(read.values).toSorted()).toEqual(
      Object.keys(set.own)
        .filter((p) => p !== path)
        .toSorted(),
    );
    for (const text of ['{', '[]', '{}', '{"own": 3}']) expect(readProcessJson(text, set).issues).toHaveLength(1);
    const bad = 'path,likely,low,high\n' + `"[""spin""].scrap.new",2,1,3\nno.such,1,,\n`;
    expect(readProcessCsv(bad, set).issues).toEqual([
      { path: 'line 2, ["spin"].scrap.new', value: '1 · 2 · 3', message: 'at most 0.95 is wanted' },
      { path: 'line 3, path', value: 'no.such', message: 'a process value of the book is wanted' },
    ]);
  });
});

describe('a study judged by a set', () => {
  const good = { values: { [SCRAP]: seen([0, 0.001, 0.002]), '["gravity-die"].scrap.new': seen([0, 0.001, 0.002]) } };
  test('uses its values, is copied with it, and its leader is worked out again when they change', async () => {
    const set = await copy();
    const made = await createStudy(bracket());
    expect(await chooseProcess(made.id, { processSetId: 'gone', version: 1 })).toMatchObject({ outcome: 'no-set' });
    expect(await chooseProcess(made.id, { processSetId: set.id, version: 9 })).toMatchObject({ outcome: 'conflict' });
    const chosen = await chooseProcess(made.id, { processSetId: set.id, version: 1 });
    expect(chosen).toMatchObject({ outcome: 'chosen', version: 2 });
    await renewed();
    const listed = async () => (await studyPage()).studies.find((s) => s.id === made.id);
    expect((await listed())?.fresh).toBe(true);
    const asked = await processEffects(set.id, good);
    expect(asked?.of).toBe(1);
    const [effect] = asked?.effects ?? [];
    const next = await saved(set, good);
    expect((await listed())?.fresh).toBe(false);
    await renewed();
    expect((await listed())?.fresh).toBe(true);
    const study = await getStudy(made.id);
    if (study === undefined) throw new Error('gone');
    expect(study.rates.process).toEqual(next);
    const q = effect?.q ?? 0;
    const board = boardAt(prepareStudy(study.brief, study.school, ratesOf(study.rates)), q);
    expect(effect?.after).toEqual({
      leader: board.leader,
      allIn: board.lanes.find((l) => l.id === board.leader)?.money?.allIn,
      total: board.lanes.find((l) => l.id === board.leader)?.money?.total,
    });
    const its = board.lanes.find((l) => l.id === 'gravity-die/hand');
    const book = boardAt(prepareStudy(study.brief), q).lanes.find((l) => l.id === 'gravity-die/hand');
    expect(its?.money?.allIn).toBeLessThan(book?.money?.allIn ?? 0);
    expect((await duplicateStudy(made.id))?.rates.process?.id).toBe(set.id);
    expect(await archiveProcessSet(set.id)).toBe('used');
    expect((await listProcessSets()).find((s) => s.id === set.id)).toMatchObject({ studies: 2, ownValues: 2 });
  });

  test('tells which values move it most', async () => {
    const made = await createStudy(bracket());
    const study = await getStudy(made.id);
    if (study === undefined) throw new Error('gone');
    const movers = await inPool('processMovers', { brief: study.brief, school: study.school, rates: study.rates });
    expect(movers.length).toBeGreaterThan(5);
    expect(movers.every((m, i) => i === 0 || (movers[i - 1]?.swing ?? 0) >= m.swing)).toBe(true);
    expect(movers.some((m) => m.path.includes('scrap'))).toBe(true);
  });
});

test('a set that no study uses is put away and listed no more', async () => {
  const set = await copy();
  expect(await archiveProcessSet(set.id)).toBe('archived');
  expect((await listProcessSets()).some((s) => s.id === set.id)).toBe(false);
  expect((await listProcessSets())[0]).toMatchObject({ id: BOOK_PROCESS_ID, book: true });
});
