import { describe, expect, test, vi } from 'vitest';
import { boardAt, costCurvesOf, type CostCurves } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { readStoredBrief } from '@/core/brief';
import { SHIPPED_RATES, SHIPPED_REF } from '@/core/rates';
import { findAlloy } from '@/core/catalogue/alloys';
import { Cancelled } from '@/workers/cost-curves.client';
import { WHOLE_TABLES } from './whole-tables';
import { createStudyStore, type StudyHelpers, type StudyOpened } from './study-store';

const brief = bracket();
const typed = { ...brief, title: 'Typed' };
const CURVES = costCurvesOf(prepareStudy(brief));
const AT_FIRST = { alloys: [findAlloy(brief.alloy)].flatMap((a) => a ?? []), metals: SHIPPED_RATES.metals ?? {} };
const at = '2026-11-29T08:00:00.000Z';
const record: StudyOpened['record'] = {
  ...{ id: 's', title: brief.title, school: 'published', rates: SHIPPED_REF, revision: 1, version: 3, demo: false },
  ...{ createdAt: at, changedAt: at, archivedAt: null, brief, refused: [], unread: [] },
};

/** A store whose saver, curves and server are played by the test. */
function opened(more: Partial<StudyOpened> = {}, helpers: Partial<StudyHelpers> = {}) {
  const saver = {
    ...{ state: 'saved' as const, currentVersion: 3 },
    ...{ change: vi.fn(), flush: vi.fn(() => Promise.resolve()), adopt: vi.fn(), keepMine: vi.fn() },
    ...{ takeTheirs: vi.fn(), meet: vi.fn(), revive: vi.fn(), close: vi.fn() },
  };
  const asked: { resolve: (curves: CostCurves) => void; reject: (error: Error) => void; title: string }[] = [];
  const client = {
    costCurves: ({ brief: { title } }: { brief: { title: string } }) =>
      new Promise<CostCurves>((resolve, reject) => asked.push({ resolve, reject, title })),
    close: vi.fn(),
  };
  let report: Parameters<StudyHelpers['saver']>[2] = () => undefined;
  const store = createStudyStore(
    { record, decisions: [], curves: CURVES, today: '2026-11-29', ...AT_FIRST, ...more },
    {
      saver: (_, __, hear) => {
        report = hear;
        return saver;
      },
      curves: () => client,
      call: vi.fn(() => Promise.reject(new Error('refused'))) as unknown as StudyHelpers['call'],
      draft: () => null,
      tables: () => Promise.resolve(WHOLE_TABLES),
      readDraft: (raw) => Promise.resolve(readStoredBrief(raw)),
      ...helpers,
    },
  );
  const close = store.open();
  return { store, saver, asked, client, close, report: (...of: Parameters<typeof report>) => report(...of) };
}
const settled = () => new Promise((done) => setTimeout(done, 0));

describe('a study on the screen', () => {
  test('what is typed is worked out at once, saved with its policy, and its curves are asked for', async () => {
    const { store, saver, asked } = opened();
    expect(asked).toHaveLength(0);
    store.getState().setBrief(typed);
    expect(store.getState().study.brief.title).toBe('Typed');
    expect(saver.change).toHaveBeenCalledWith({ brief: typed, school: 'published' });
    store.getState().setTolerancePolicy('shop');
    expect(saver.change).toHaveBeenLastCalledWith({ brief: typed, school: 'shop' });
    expect(store.getState().study.school).toBe('shop');
    expect(asked.map((a) => a.title)).toEqual(['Typed', 'Typed']);
    asked[1]?.resolve({ ...CURVES, runs: [] });
    await settled();
    expect(store.getState().curves?.runs).toEqual([]);
  });

  test('an answer overtaken by a newer question is dropped, a cancelled one says nothing, a failed one says why', async () => {
    const { store, asked } = opened();
    store.getState().setBrief(typed);
    store.getState().setBrief(brief);
    asked[0]?.resolve({ ...CURVES, runs: [] });
    asked[1]?.reject(new Cancelled());
    await settled();
    expect(store.getState().curves).toBe(CURVES);
    expect(store.getState().curvesError).toBeNull();
    store.getState().setBrief(typed);
    asked[2]?.reject(new Error('no worker'));
    await settled();
    expect(store.getState().curvesError).toBe('no worker');
  });

  test('an alloy that did not come with the page is fetched with its table; the study follows when it has come', async () => {
    const { store, saver } = opened();
    const other = { ...brief, alloy: 'zn-za8' };
    store.getState().setBrief(other);
    expect(store.getState().brief.alloy).toBe('zn-za8');
    expect(saver.change).toHaveBeenCalledWith({ brief: other, school: 'published' });
    expect(store.getState().study.alloy?.id).toBe(brief.alloy);
    await settled();
    expect(store.getState().study.alloy).toEqual(prepareStudy(other).alloy);
    store.getState().setBrief({ ...other, title: 'Other' });
    expect(store.getState().study.brief).toMatchObject({ title: 'Other', alloy: 'zn-za8' });
  });

  test('a table that does not come is said, and asked for again with the next change', async () => {
    let times = 0;
    const { store } = opened(
      {},
      { tables: () => (times++ === 0 ? Promise.reject(new Error('off')) : Promise.resolve(WHOLE_TABLES)) },
    );
    store.getState().setBrief({ ...brief, alloy: 'zn-za8' });
    await settled();
    expect(store.getState().curvesError).toContain('alloys did not come');
    store.getState().setBrief({ ...brief, alloy: 'al-46000' });
    await settled();
    expect(store.getState().study.alloy?.id).toBe('al-46000');
    expect(store.getState().curvesError).toBeNull();
  });

  test('what is readied with what came with the page is what the whole tables give', () => {
    const { store } = opened();
    const { study } = store.getState();
    // What a list of bought parts is screened by is no part of a study.
    expect(study.rates).toEqual({ ...SHIPPED_RATES, screenList: undefined });
    expect(boardAt(study, 2400)).toEqual(boardAt(prepareStudy(brief), 2400));
  });

  test('curves that did not come with the page are asked for as it opens', () => {
    expect(opened({ curves: null }).asked).toHaveLength(1);
  });

  test('a draft that never reached the server comes back; made on an older version it is met as a race', async () => {
    const same = opened({}, { draft: () => ({ brief: typed, version: 3 }) });
    await settled();
    expect(same.store.getState().brief.title).toBe('Typed');
    expect(same.store.getState().generation).toBe(1);
    expect(same.saver.change).toHaveBeenCalled();
    const older = opened({}, { draft: () => ({ brief: typed, version: 2 }) });
    await settled();
    expect(older.saver.meet).toHaveBeenCalledWith(expect.objectContaining({ theirs: record, refusedId: null }));
    expect(older.saver.change).not.toHaveBeenCalled();
    const known = opened({}, { draft: () => ({ brief, version: 2 }) });
    await settled();
    expect(known.store.getState().generation).toBe(0);
  });

  test('what is typed while a draft is still being read is not replaced by it: the user chooses', async () => {
    const { store, saver } = opened({}, { draft: () => ({ brief: { ...brief, title: 'Draft' }, version: 3 }) });
    store.getState().setBrief(typed);
    await settled();
    expect(store.getState().brief.title).toBe('Typed');
    expect(saver.meet).toHaveBeenCalledWith(
      expect.objectContaining({ mine: expect.objectContaining({ title: 'Draft' }) as unknown }),
    );
  });

  test('a lost race is settled for either side, and the form shows what was taken', () => {
    const theirs = { ...record, brief: { ...brief, title: 'Theirs' }, school: 'shop' as const, version: 9 };
    const conflict = { mine: typed, theirs, refusedId: 'r' };
    for (const choice of ['mine', 'theirs'] as const) {
      const { store, saver, report } = opened();
      store.getState().setBrief(typed);
      store.getState().settle(choice);
      expect(saver.keepMine).not.toHaveBeenCalled();
      report('conflict', conflict, null);
      expect(store.getState().saveState).toBe('conflict');
      store.getState().settle(choice);
      expect(store.getState().conflict).toBeNull();
      expect(store.getState().brief.title).toBe(choice === 'mine' ? 'Typed' : 'Theirs');
      expect(store.getState().school).toBe(choice === 'mine' ? 'published' : 'shop');
      expect(store.getState().generation).toBe(choice === 'mine' ? 0 : 1);
      expect((choice === 'mine' ? saver.keepMine : saver.takeTheirs).mock.calls).toHaveLength(1);
    }
  });

  test('a refused save is taken up, or put aside; where the server will not, it stays', async () => {
    const save = { id: 'r', brief: typed, refusedAt: at };
    const { store, saver } = opened({ record: { ...record, refused: [save] } });
    store.getState().settleRefused(save, false);
    expect(store.getState().refused).toEqual([]);
    await settled();
    expect(store.getState().refused).toEqual([save]);
    store.getState().settleRefused(save, true);
    expect(saver.revive).toHaveBeenCalledWith('r', { brief: typed, school: 'published' });
    expect(store.getState().brief).toBe(typed);
  });

  test('another rate set is saved on what was typed, and refused where the server refuses', async () => {
    const call = vi.fn(() => Promise.resolve({ version: 7, rates: { ...SHIPPED_REF, version: 2 } }));
    const { store, saver } = opened({}, { call: call as unknown as StudyHelpers['call'] });
    await store.getState().setRates('ours');
    expect(saver.flush).toHaveBeenCalled();
    expect(call).toHaveBeenCalledWith('POST', '/api/studies/s/rates', { rateSetId: 'ours', version: 3 });
    expect(saver.adopt).toHaveBeenCalledWith(7);
    expect(store.getState().rates.version).toBe(2);
    await expect(opened().store.getState().setRates('ours')).rejects.toThrow('refused');
  });

  test('what the server has is taken whole; closing sends what waits and ends the worker', () => {
    const { store, saver, client, close } = opened();
    store.getState().replace({ ...record, brief: typed, version: 12, changedAt: '2026-12-01T00:00:00.000Z' });
    expect(store.getState()).toMatchObject({ brief: typed, savedAt: '2026-12-01T00:00:00.000Z', generation: 1 });
    expect(saver.adopt).toHaveBeenCalledWith(12);
    close();
    expect(saver.close).toHaveBeenCalled();
    expect(client.close).toHaveBeenCalled();
    expect(() => store.getState().setBrief(brief)).not.toThrow();
  });

  test('values that could not be read are told until the brief is changed', () => {
    const unread = [{ path: 'alloy', value: 1, message: 'text is wanted' }];
    const { store } = opened({ record: { ...record, unread } });
    expect(store.getState().unread).toBe(unread);
    store.getState().setBrief(typed);
    expect(store.getState().unread).toEqual([]);
  });
});
