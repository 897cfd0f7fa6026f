import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { findAlloy, type Alloy } from '@/core/catalogue/alloys';
import { boardAt } from '@/core/comparison/board';
import { ratesOf, type RateRef } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import { wholeAlloy } from '@/core/team-alloys';
import { bracket } from '@/core/testing/demo-briefs';
import { listDecisions } from '../decisions';
import { alloyEffects, dropPrice, renewed, saveAlloy, savePrice, standingOfDecision, studyPage } from '../results';
import { signDecision } from '../signing';
import { createStudy, getStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { archiveTeamAlloy, createTeamAlloy, getAlloy, listTeamAlloys, teamAlloysNow } from '.';

beforeAll(() => freshDatabase('team_alloys'));
afterAll(closeAll);

const make = async (name: string, more: object = {}): Promise<string> => {
  const made = await createTeamAlloy(
    { name, from: 'al-a356', facts: {}, source: 'data sheet', date: '2026-11-02', ...more },
    'Ilse Varga',
  );
  if (made.outcome !== 'created') throw new Error(JSON.stringify(made));
  return made.id;
};
const leaderAllIn = (brief: ReturnType<typeof bracket>, rates: RateRef): number => {
  const board = boardAt(prepareStudy(brief, 'published', ratesOf(rates)), 2000);
  return board.lanes.find((l) => l.id === board.leader)?.money?.allIn ?? NaN;
};

describe('an alloy of the team’s own', () => {
  test('is kept, and its history tells value by value what changed', async () => {
    const id = await make('Grade Q');
    const input = {
      name: 'Grade Q7',
      facts: { density_kg_m3: 2700, routes: { spin: { fit: 'no' as const, why: 'too hot' } } },
      source: 'trial 4',
      date: '2026-11-03',
    };
    expect(await saveAlloy(id, { input, version: 1, who: 'Jory Lund', why: 'weighed' })).toEqual({
      outcome: 'saved',
      version: 2,
      changed: 5,
    });
    const record = await getAlloy(id);
    expect(record?.own).toMatchObject({ ...input, id, version: 2, from: 'al-a356', changedBy: 'Jory Lund' });
    expect(record?.changes.map((c) => [c.path, c.was, c.became]).reverse()).toEqual([
      ['name', 'Grade Q', 'Grade Q7'],
      ['source', 'data sheet', 'trial 4'],
      ['date', '2026-11-02', '2026-11-03'],
      ['density_kg_m3', null, 2700],
      ['routes.spin', null, { fit: 'no', why: 'too hot' }],
    ]);
    expect(await saveAlloy(id, { input, version: 1, who: 'x', why: '' })).toMatchObject({ outcome: 'conflict' });
    const bad = { ...input, facts: { solidus_C: 2000 } };
    expect(await saveAlloy(id, { input: bad, version: 2, who: 'x', why: '' })).toMatchObject({
      outcome: 'refused',
      issues: [{ path: 'solidus_C', value: 2000 }],
    });
    expect(await createTeamAlloy({ ...input, from: 'cheese' }, 'x')).toMatchObject({ outcome: 'refused' });
    expect(await getAlloy('cheese')).toBeUndefined();
    expect((await getAlloy('al-a356'))?.own).toBeNull();
    expect(await archiveTeamAlloy(id)).toBe('archived');
    expect((await listTeamAlloys()).own.find((a) => a.id === id)?.archived).toBe(true);
  });

  test('carries a study; a change of it makes what lists tell old, and is told before it is saved', async () => {
    const id = await make('Grade R');
    const made = await createStudy({ ...bracket(), alloy: id });
    await renewed();
    const listed = async (search = '') => (await studyPage({ search })).studies.find((s) => s.id === made.id);
    expect(await listed('grade r')).toMatchObject({ alloyName: 'Grade R', fresh: true });
    expect(await listed('grade x')).toBeUndefined();
    const dear = { ...(await getAlloy(id))?.own, facts: { price_USD_kg: [40, 41, 42] as const } };
    const changed = wholeAlloy({ ...dear, id, version: 0 } as never, findAlloy('al-a356') as Alloy);
    const [effect] = (await alloyEffects(changed))?.effects ?? [];
    expect(effect?.after.allIn).toBeGreaterThan(effect?.before.allIn ?? Infinity);
    const input = { name: 'Grade R', facts: dear.facts, source: '', date: null };
    await saveAlloy(id, { input, version: 1, who: 'x', why: '' });
    expect((await listed())?.fresh).toBe(false);
    const study = await getStudy(made.id);
    if (study === undefined) throw new Error('gone');
    expect(study.brief.alloy).toBe(id);
    expect(leaderAllIn(study.brief, study.rates)).toBeGreaterThan(leaderAllIn(made.brief, made.rates));
    expect(await archiveTeamAlloy(id)).toBe('used');
  });
});

describe('the price of a metal', () => {
  test('is in force from the latest day until it is withdrawn, for the studies of its alloy alone', async () => {
    const [made, other] = [
      await createStudy({ ...bracket(), alloy: 'zn-za8' }),
      await createStudy({ ...bracket(), alloy: 'sn-pewter' }),
    ];
    await renewed();
    const fresh = async (id: string) => (await studyPage()).studies.find((s) => s.id === id)?.fresh;
    const price = (likely: number, date: string) => ({ low: likely, likely, high: likely, date, source: 'offer' });
    expect(await savePrice('zn-za8', price(9, '2026-11-05'), 'x')).toBe(true);
    expect(await savePrice('zn-za8', price(2, '2026-11-01'), 'x')).toBe(true);
    expect(await savePrice('cheese', price(2, '2026-11-01'), 'x')).toBe(false);
    expect([await fresh(made.id), await fresh(other.id)]).toEqual([false, true]);
    expect((await teamAlloysNow())?.prices['zn-za8']).toMatchObject({ likely: 9, date: '2026-11-05' });
    const now = await getStudy(made.id);
    const base = leaderAllIn(made.brief, made.rates);
    expect(leaderAllIn(made.brief, now?.rates as RateRef)).toBeGreaterThan(base);
    const [latest] = (await getAlloy('zn-za8'))?.prices ?? [];
    expect(await dropPrice('zn-za8', latest?.id ?? 0, 'Ilse')).toBe(true);
    expect(await dropPrice('zn-za8', latest?.id ?? 0, 'Ilse')).toBe(false);
    const later = await getStudy(made.id);
    expect(leaderAllIn(made.brief, later?.rates as RateRef)).toBeLessThan(base);
    expect((await getAlloy('zn-za8'))?.prices.map((p) => [p.likely, p.withdrawnBy])).toEqual([
      [9, 'Ilse'],
      [2, null],
    ]);
  });

  test('signed with a decision stays in it; a dearer one weakens it by name', async () => {
    const id = await make('Grade S');
    const made = await createStudy({ ...bracket(), alloy: id });
    const board = boardAt(prepareStudy(made.brief, made.school, ratesOf(made.rates)), 2000);
    const input = {
      laneId: board.leader ?? '',
      quantity: 2000,
      why: 'x',
      signedBy: 'y',
      signedOn: '2027-01-05',
      version: 1,
      plan: false,
      drawn: { seed: 1, spread: 'pert', demand: false },
      actions: [],
    } as const;
    expect((await signDecision(made.id, input)).outcome).toBe('signed');
    const [decision] = await listDecisions(made.id);
    expect(decision?.snapshot.rates.alloys?.map((a) => a.id)).toEqual([id]);
    expect((await standingOfDecision(decision?.id ?? ''))?.state).toBe('stands');
    await savePrice(id, { low: 40, likely: 45, high: 60, date: '2026-11-05', source: 'offer 9' }, 'x');
    const now = await standingOfDecision(decision?.id ?? '');
    expect(now?.causes.map((c) => c.text).join(' ')).toContain('Grade S');
    expect((await listDecisions(made.id))[0]?.snapshot).toEqual(decision?.snapshot);
  });
});
