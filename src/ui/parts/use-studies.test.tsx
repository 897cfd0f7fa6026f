// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { ListAsked, StudyPage } from '@/server/studies';
import { standInServer, type Asked } from '../testing/server';
import { useStudies } from './use-studies';
import { setUpPage } from '../testing/set-up';

const START: ListAsked = { archived: false, search: '', sort: 'title', up: true, page: 1 };
const pageOf = (titles: readonly string[], fresh = true): StudyPage =>
  ({ studies: titles.map((title) => ({ title, fresh, standing: null })) }) as unknown as StudyPage;
const titles = (page: StudyPage): string[] => page.studies.map((s) => s.title);

let asked: Asked[];
setUpPage();
beforeEach(() => (asked = standInServer()));
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const answered = (at: number, status: number, body: unknown) => act(async () => asked[at]?.answer(status, body));

test('shows the page it came with and asks nothing', async () => {
  const { result } = renderHook(() => useStudies(pageOf(['Pier foot']), START));
  await wait(5000);
  expect(titles(result.current.page)).toEqual(['Pier foot']);
  expect(asked).toEqual([]);
});

test('a word typed letter by letter is searched for once, from the first page', async () => {
  const { result } = renderHook(() => useStudies(pageOf(['Pier foot']), { ...START, page: 4 }));
  for (const search of ['h', 'hu', 'hub']) {
    act(() => result.current.ask({ search }));
    await wait(60);
  }
  await wait(200);
  expect(asked.map((a) => a.path)).toEqual(['/api/studies?search=hub&sort=title&page=1&up=1']);
  expect(result.current.busy).toBe(true);
  await answered(0, 200, pageOf(['Tripod hub']));
  expect(titles(result.current.page)).toEqual(['Tripod hub']);
  expect(result.current.busy).toBe(false);
});

test('an answer that comes after a later question is dropped', async () => {
  const { result } = renderHook(() => useStudies(pageOf(['Pier foot']), START));
  act(() => result.current.ask({ search: 'a' }));
  await wait(200);
  act(() => result.current.ask({ search: 'ab', archived: true }));
  expect(asked[0]?.signal?.aborted).toBe(true);
  await wait(200);
  await answered(1, 200, pageOf(['second']));
  expect(asked[1]?.path).toContain('archived=1');
  expect(titles(result.current.page)).toEqual(['second']);
});

test('a server that does not answer is named; what it said before stands', async () => {
  const { result } = renderHook(() => useStudies(pageOf(['Pier foot']), START));
  act(() => result.current.again());
  await wait(200);
  await answered(0, 503, {});
  expect(result.current).toMatchObject({ failed: true, busy: false });
  expect(titles(result.current.page)).toEqual(['Pier foot']);
  await wait(10_000);
  expect(asked).toHaveLength(1);
});

test('while figures of the page are renewed it is asked for again', async () => {
  const { result } = renderHook(() => useStudies(pageOf(['Pier foot'], false), START));
  await wait(1250);
  await wait(200);
  await answered(0, 200, pageOf(['Pier foot'], true));
  expect(result.current.page.studies[0]?.fresh).toBe(true);
  await wait(5000);
  expect(asked).toHaveLength(1);
});
