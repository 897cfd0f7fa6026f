import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import type { FoundryProfile } from '@/core/foundries';
import { ratesOf } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { listDecisions } from '../decisions';
import { FOUNDRIES } from '../demo/foundries.data';
import { inPool } from '../jobs';
import { foundryEffects, renewed, saveProfile, standingOfDecision, studyPage } from '../results';
import { signDecision } from '../signing';
import { createStudy, duplicateStudy, getStudy, judgeBy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { archiveFoundry, createFoundry, getFoundry, listFoundries } from '.';

beforeAll(() => freshDatabase('foundries'));
afterAll(closeAll);

const SAID = { basis: 'measured', date: '2026-12-07' } as const;
const caster = (scrap: number, more: Partial<FoundryProfile> = {}): FoundryProfile => ({
  lines: [{ route: 'gravity-die', variant: 'hand', scrap: { v: { new: scrap, settled: scrap }, ...SAID } }],
  ...more,
});
const enter = (name: string, profile: FoundryProfile): Promise<string> =>
  createFoundry({ name, note: '', profile }, 'Ilse Varga');

describe('a foundry', () => {
  test('is kept with its profile to the letter, and its history tells value by value what changed', async () => {
    for (const { id, name, note, profile } of FOUNDRIES) await createFoundry({ name, note, profile }, 'Ilse Varga', id);
    const list = await listFoundries();
    expect(list).toHaveLength(FOUNDRIES.length);
    for (const { id, profile } of FOUNDRIES) expect(list.find((f) => f.id === id)?.profile).toEqual(profile);
    const id = await enter('Foundry Q', caster(0.05));
    const next = caster(0.03, { casters: { v: 4, ...SAID } });
    const input = { name: 'Foundry Q – new yard', note: 'moved', profile: next };
    const saved = await saveProfile(id, { input, version: 1, who: 'Jory Lund', why: 'visit' });
    expect(saved).toEqual({ outcome: 'saved', version: 2, changed: 4 });
    const record = await getFoundry(id);
    expect(record?.changes.map((c) => [c.path, c.was === null, c.who, c.why, c.version]).reverse()).toEqual([
      ['name', false, 'Jory Lund', 'visit', 2],
      ['note', false, 'Jory Lund', 'visit', 2],
      ['casters', true, 'Jory Lund', 'visit', 2],
      ['gravity-die/hand.scrap', false, 'Jory Lund', 'visit', 2],
    ]);
    expect(await saveProfile(id, { input, version: 1, who: 'x', why: '' })).toMatchObject({ outcome: 'conflict' });
    expect(await saveProfile(id, { input, version: 2, who: 'x', why: '' })).toMatchObject({ changed: 0, version: 2 });
    expect(await saveProfile('gone', { input, version: 1, who: 'x', why: '' })).toEqual({ outcome: 'missing' });
    expect(await archiveFoundry(id)).toBe('archived');
    expect((await listFoundries()).some((f) => f.id === id)).toBe(false);
  });
});

describe('a study', () => {
  test('is judged by one foundry, is copied so, and follows its profile', async () => {
    const id = await enter('Foundry R', caster(0.3));
    const made = await createStudy(bracket());
    expect(await judgeBy(made.id, { judged: 'one', foundryId: 'gone', version: 1 })).toMatchObject({
      outcome: 'no-set',
    });
    expect(await judgeBy(made.id, { judged: 'one', foundryId: id, version: 1 })).toMatchObject({
      outcome: 'chosen',
      version: 2,
      rates: { foundries: { judged: 'one', list: [{ id, name: 'Foundry R' }] } },
    });
    await renewed();
    const listed = async () => (await studyPage()).studies.find((s) => s.id === made.id);
    expect(await listed()).toMatchObject({ leader: 'gravity-die/hand', fresh: true });
    const better = { id, name: 'Foundry R', version: 0, profile: caster(0.02) };
    const [effect] = (await foundryEffects(better))?.effects ?? [];
    expect(effect?.after.allIn).toBeLessThan(effect?.before.allIn ?? 0);
    const input = { name: 'Foundry R', note: '', profile: caster(0.02) };
    await saveProfile(id, { input, version: 1, who: 'x', why: '' });
    expect((await listed())?.fresh).toBe(false);
    const study = await getStudy(made.id);
    if (study === undefined) throw new Error('gone');
    const board = boardAt(prepareStudy(study.brief, study.school, ratesOf(study.rates)), effect?.q ?? 0);
    expect(board.lanes.find((l) => l.id === board.leader)?.money?.allIn).toBe(effect?.after.allIn);
    expect((await duplicateStudy(made.id))?.rates.foundries?.list[0]?.id).toBe(id);
    expect(await archiveFoundry(id)).toBe('used');
    const back = await judgeBy(made.id, { judged: 'book', foundryId: null, version: study.version });
    expect(back.outcome === 'chosen' && back.rates.foundries).toBeUndefined();
  });

  test('signed as judged by all keeps the foundries of that day; a worse profile weakens it', async () => {
    const id = await enter('Foundry S', caster(0.001));
    const made = await createStudy(bracket());
    await judgeBy(made.id, { judged: 'all', foundryId: null, version: 1 });
    const study = await getStudy(made.id);
    if (study === undefined) throw new Error('gone');
    const ready = prepareStudy(study.brief, study.school, ratesOf(study.rates));
    const board = boardAt(ready, 2000);
    const leader = board.leader ?? '';
    const input = {
      laneId: leader,
      quantity: 2000,
      why: 'x',
      signedBy: 'y',
      signedOn: '2027-01-05',
      version: 2,
      plan: false,
      drawn: { seed: 1, spread: 'pert', demand: false },
      actions: [],
    } as const;
    expect((await signDecision(made.id, input)).outcome).toBe('signed');
    const [decision] = await listDecisions(made.id);
    expect(decision?.snapshot.rates.asked?.judged).toBe('all');
    expect(decision?.snapshot.rates.among).toBeUndefined();
    expect(JSON.stringify(decision?.snapshot.rates).length).toBeLessThan(1_000_000);
    expect((await standingOfDecision(decision?.id ?? ''))?.state).toBe('stands');
    expect(ready.lanes.find((l) => l.lane.id === leader)?.rates.foundry?.id).toBe(id);
    const worse = { name: 'Foundry S', note: '', profile: caster(0.4) };
    await saveProfile(id, { input: worse, version: 1, who: 'x', why: '' });
    const now = await standingOfDecision(decision?.id ?? '');
    expect(now?.causes.map((c) => c.text)).toEqual(['Foundry S: its profile changed, version 1 to 2']);
    // Reopened or not, the record stays as it was signed.
    expect((await listDecisions(made.id))[0]?.snapshot).toEqual(decision?.snapshot);
  });

  test('is told who can make it, with the reason of every no', async () => {
    const { brief, school, rates } = await createStudy(bracket());
    const foundries = await listFoundries();
    const found = await inPool('whoCan', { brief, school, rates, foundries, q: 2000 });
    expect(found.candidates.length).toBeGreaterThanOrEqual(FOUNDRIES.length);
    const can = found.candidates.filter((c) => c.noes.length === 0 && c.allIn !== null);
    expect(can.length).toBeGreaterThan(0);
    expect(can.every((c, i) => i === 0 || (can[i - 1]?.allIn ?? 0) <= (c.allIn ?? 0))).toBe(true);
    const cannot = found.candidates.filter((c) => c.noes.length > 0);
    expect(cannot.length).toBeGreaterThan(0);
    expect(cannot.every((c) => c.noes.every((n) => n.reason.length > 10))).toBe(true);
  });
});
