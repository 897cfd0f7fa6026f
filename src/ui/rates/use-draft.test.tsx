// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { rateEntries, SHIPPED_RATES, type RateEntry, type RateSet } from '@/core/rates';
import { useDraft } from './use-draft';

const RATES: RateSet = { ...SHIPPED_RATES, id: 'own' };
const entryAt = (path: string): RateEntry => {
  const found = rateEntries(RATES).find((e) => e.path === path);
  if (found === undefined) throw new Error(`no rate ${path}`);
  return found;
};
const LABOUR = entryAt('global.Rlab');

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});
/** The draft of the set, with what was kept read in. */
async function opened() {
  const { result } = renderHook(() => useDraft(RATES, 'si'));
  await act(() => Promise.resolve());
  return result;
}

test('nothing typed is nothing to save', async () => {
  const draft = await opened();
  expect(draft.current).toMatchObject({ figures: {}, problems: {}, holidaysChanged: false, holidaysProblem: null });
  expect(draft.current.textsFor(LABOUR)).toHaveLength(3);
});

test('a figure typed can be saved; the same figure typed is no change', async () => {
  const draft = await opened();
  const [low, likely, high] = draft.current.textsFor(LABOUR);
  act(() => draft.current.type(LABOUR, 2, '99'));
  expect(draft.current.figures).toEqual({ 'global.Rlab': [Number(low), Number(likely), 99] });
  act(() => draft.current.type(LABOUR, 2, high ?? ''));
  expect(draft.current.figures).toEqual({});
});

test('what is no figure is named with what was typed, and is not saved', async () => {
  const draft = await opened();
  act(() => draft.current.type(LABOUR, 0, 'dear'));
  expect(draft.current.figures).toEqual({});
  expect(draft.current.problems['global.Rlab']).toContain('dear');
  act(() => draft.current.type(LABOUR, 0, '1000000'));
  expect(draft.current.problems['global.Rlab']).toBeDefined();
});

test('what is typed outlives the page, until it is dropped', async () => {
  const draft = await opened();
  act(() => draft.current.type(LABOUR, 2, '99'));
  act(() => draft.current.setHolidays('2027-12-24'));
  cleanup();
  const again = await opened();
  expect(again.current.textsFor(LABOUR)[2]).toBe('99');
  expect(again.current).toMatchObject({ holidays: ['2027-12-24'], holidaysChanged: true });
  act(() => again.current.clear());
  expect(again.current).toMatchObject({ figures: {}, holidaysChanged: false });
  cleanup();
  expect((await opened()).current.figures).toEqual({});
});

test('holidays that are no dates are refused by the first that is none', async () => {
  const draft = await opened();
  act(() => draft.current.setHolidays('2027-12-24, 2027-13-01'));
  expect(draft.current.holidaysProblem).toContain('2027-13-01');
  expect(draft.current.holidaysChanged).toBe(false);
});

test('figures of a sheet are taken into what is typed', async () => {
  const draft = await opened();
  act(() => draft.current.take({ 'global.Rlab': [10, 20, 30], 'no.such': 1 }));
  expect(draft.current.textsFor(LABOUR)).toEqual(['10', '20', '30']);
  expect(draft.current.figures).toEqual({ 'global.Rlab': [10, 20, 30] });
});

test('a browser that keeps nothing still shows what is typed', async () => {
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('no room');
  });
  const draft = await opened();
  act(() => draft.current.type(LABOUR, 1, '31'));
  expect(draft.current.textsFor(LABOUR)[1]).toBe('31');
});

test('what is kept but is of another kind is passed over', async () => {
  localStorage.setItem('nine-pours-rates-own', '{"texts":7}');
  expect((await opened()).current.figures).toEqual({});
  localStorage.setItem('nine-pours-rates-own', '{broken');
  expect((await opened()).current.figures).toEqual({});
});
