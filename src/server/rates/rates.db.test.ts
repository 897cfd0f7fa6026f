import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { ratesOf, SHIPPED_RATES, SHIPPED_REF, type RateRef } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { listDecisions } from '../decisions';
import { rateEffects, saveRates, studyPage } from '../results';
import { signDecision } from '../signing';
import { renewed } from '../results';
import { chooseRates, createStudy, duplicateStudy, getStudy } from '../studies';
import { closeAll } from '../testing/close-all';
import { freshDatabase } from '../testing/test-database';
import { archiveRateSet, copyRateSet, getRateSet, listRateSets } from '.';

/** What signing needs besides, in its plainest form. */
const PLAIN = { plan: false, drawn: { seed: 1, spread: 'pert', demand: false }, actions: [] } as const;

beforeAll(() => freshDatabase('rates'));
afterAll(closeAll);

const copy = async (from = SHIPPED_RATES.id): Promise<RateRef> => {
  const made = await copyRateSet(from, { name: 'Own', who: 'Ilse Varga' });
  if (made === undefined) throw new Error('no copy');
  return made;
};
const save = (ref: RateRef, change: Parameters<typeof saveRates>[1]['change'], version = ref.version) =>
  saveRates(ref.id, { change, version, who: 'Ilse Varga', why: 'spring quotes' });
const saved = async (ref: RateRef, change: Parameters<typeof saveRates>[1]['change']): Promise<RateRef> => {
  const result = await save(ref, change);
  if (result.outcome !== 'saved') throw new Error(result.outcome);
  return result.ref;
};

describe('a copy of a rate set', () => {
  test('starts as the set it was made from and holds what is changed, bit for bit, with its history', async () => {
    const made = await copy();
    expect(ratesOf(made)).toEqual({
      ...SHIPPED_RATES,
      id: made.id,
      name: 'Own',
      calendar: { ...SHIPPED_RATES.calendar, holidays: [] },
    });
    const figures = { 'global.Rlab': [30.1, 40.123456789, 51] as const, 'calendar.calendarPerWorkday': 1.5 };
    const next = await saved(made, { figures, holidays: ['2027-12-27', '2027-12-24'], currency: 'EUR', name: 'Ours' });
    expect(next).toMatchObject({ version: 2, name: 'Ours', currency: 'EUR' });
    expect(next.own).toEqual({ figures, holidays: ['2027-12-24', '2027-12-27'] });
    const record = await getRateSet(made.id);
    expect(record?.ref).toEqual(next);
    expect(record?.changes.map((c) => [c.path, c.was, c.became, c.who, c.why, c.version])).toEqual(
      [
        ['global.Rlab', null, [30.1, 40.123456789, 51]],
        ['calendar.calendarPerWorkday', null, 1.5],
        ['calendar.holidays', [], ['2027-12-24', '2027-12-27']],
        ['currency.code', 'USD', 'EUR'],
        ['name', 'Own', 'Ours'],
      ]
        .map((row) => [...row, 'Ilse Varga', 'spring quotes', 2])
        .reverse(),
    );
    const again = await copy(made.id);
    expect(again.own).toEqual(next.own);
    expect(again.currency).toBe('EUR');
  });
  test('lets a figure go back to the shipped one, whether taken back or typed', async () => {
    const made = await copy();
    const first = await saved(made, { figures: { 'global.Rlab': [1, 2, 3], 'global.Rmc': [1, 2, 3] } });
    const back = await saved(first, { figures: { 'global.Rlab': null, 'global.Rmc': [50, 75, 105] } });
    expect(back.own.figures).toEqual({});
    expect((await getRateSet(made.id))?.changes.slice(0, 2).map((c) => c.became)).toEqual([null, null]);
  });
  test('refuses what cannot be, naming path, value and what is wanted, and saves nothing of it', async () => {
    const made = await copy();
    const result = await save(made, { figures: { 'global.Rlab': [3, 2, 1], 'global.Rmc': [1, 2, 3], 'no.such': 1 } });
    expect(result).toMatchObject({
      outcome: 'refused',
      issues: [
        { path: 'figures.global.Rlab', value: [3, 2, 1], message: 'low ≤ likely ≤ high is wanted' },
        { path: 'figures.no.such', message: 'a coefficient of the shipped set' },
      ],
    });
    expect((await getRateSet(made.id))?.ref).toEqual(made);
  });
  test('refuses a save that lost a race, and shows what stands', async () => {
    const made = await copy();
    const first = await saved(made, { figures: { 'global.Rlab': [1, 2, 3] } });
    expect(await save(made, { figures: { 'global.Rlab': [4, 5, 6] } })).toMatchObject({
      outcome: 'conflict',
      current: { version: 2, own: first.own },
      changedBy: 'Ilse Varga',
    });
  });
});

test('the shipped set is never changed, and a set that is not there is missing', async () => {
  expect((await save(SHIPPED_REF, { figures: { 'global.Rlab': [1, 2, 3] } })).outcome).toBe('read-only');
  expect((await save({ ...SHIPPED_REF, id: 'gone' }, {})).outcome).toBe('missing');
  expect(await copyRateSet('gone', { name: 'x', who: 'y' })).toBeUndefined();
  expect(await archiveRateSet(SHIPPED_RATES.id)).toBe('missing');
  expect((await getRateSet(SHIPPED_RATES.id))?.ref).toEqual(SHIPPED_REF);
});

describe('a study', () => {
  const dear = { figures: { 'global.Rtool': [200, 300, 400] as const } };
  test('takes another set: its leader, its copy and its decision are worked out with it', async () => {
    const set = await saved(await copy(), dear);
    const made = await createStudy(bracket());
    expect(await chooseRates(made.id, { rateSetId: set.id, version: 99 })).toMatchObject({ outcome: 'conflict' });
    expect(await chooseRates(made.id, { rateSetId: 'gone', version: 1 })).toMatchObject({ outcome: 'no-set' });
    expect(await chooseRates(made.id, { rateSetId: set.id, version: 1 })).toMatchObject({
      outcome: 'chosen',
      version: 2,
    });
    expect((await getStudy(made.id))?.rates).toEqual(set);
    expect((await duplicateStudy(made.id))?.rates.id).toBe(set.id);
    const board = boardAt(prepareStudy(bracket(), 'published', ratesOf(set)), 2000);
    const leader = board.leader ?? '';
    const input = {
      laneId: leader,
      quantity: 2000,
      why: 'x',
      signedBy: 'y',
      signedOn: '2027-01-05',
      version: 2,
      ...PLAIN,
    };
    expect((await signDecision(made.id, input)).outcome).toBe('signed');
    const [record] = await listDecisions(made.id);
    expect(record?.rateSetId).toBe(set.id);
    expect(record?.snapshot.evaluation.lanes.find((l) => l.id === leader)?.allIn).toBe(
      board.lanes.find((l) => l.id === leader)?.money?.allIn,
    );
    expect(record?.snapshot.rates.global.Rtool.v).toEqual([200, 300, 400]);
  });
  test('that uses a set is told what a change would do to it, and keeps the set from being put away', async () => {
    const set = await copy();
    const made = await createStudy(bracket());
    await chooseRates(made.id, { rateSetId: set.id, version: 1 });
    const [effect] = (await rateEffects(set.id, dear))?.effects ?? [];
    const { before, after } = effect ?? {};
    expect(effect?.studyId).toBe(made.id);
    expect(before?.leader).toBe(boardAt(prepareStudy(bracket()), effect?.q ?? 0).leader);
    expect(after?.total).toBeGreaterThanOrEqual(before?.total ?? Infinity);
    expect((await getRateSet(set.id))?.ref.own.figures).toEqual({});
    expect(await archiveRateSet(set.id)).toBe('used');
    expect((await listRateSets()).find((s) => s.id === set.id)).toMatchObject({ studies: 1, ownFigures: 0 });
    await chooseRates(made.id, { rateSetId: SHIPPED_RATES.id, version: 2 });
    expect(await archiveRateSet(set.id)).toBe('archived');
    expect((await listRateSets()).some((s) => s.id === set.id)).toBe(false);
  });
  test('is listed with the leader of its own set', async () => {
    const made = await createStudy(bracket({ title: 'Listed' }));
    await renewed();
    const q = (await studyPage()).studies.find((s) => s.id === made.id)?.quantity ?? 0;
    const set = await saved(await copy(), {
      figures: { 'global.Rtool': [2000, 3000, 4000], 'global.Rpat': [1, 1, 1] },
    });
    await chooseRates(made.id, { rateSetId: set.id, version: 1 });
    const old = (await studyPage()).studies.find((s) => s.id === made.id);
    expect(old?.fresh).toBe(false);
    await renewed();
    const now = (await studyPage()).studies.find((s) => s.id === made.id);
    expect(now?.fresh).toBe(true);
    const led = now?.leader;
    expect(led).toBe(boardAt(prepareStudy(bracket(), 'published', ratesOf(set)), q).leader);
  });
});
