// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import fc from 'fast-check';
import { beforeEach, expect, test } from 'vitest';
import { changedPaths, mergedOnto, useKeptDraft, type Flat } from './kept-draft';

const anyFlat = fc.dictionary(
  fc.constantFrom('a', 'b', 'c', 'd', 'e'),
  fc.integer({ min: 0, max: 3 }),
) as fc.Arbitrary<Flat>;

test('what was typed stands as typed on what another saved, and everything else is theirs', () => {
  fc.assert(
    fc.property(anyFlat, anyFlat, anyFlat, (base, mine, theirs) => {
      const merged = mergedOnto(base, mine, theirs);
      const typed = new Set(changedPaths(base, mine));
      for (const path of ['a', 'b', 'c', 'd', 'e'])
        expect(merged[path]).toBe(typed.has(path) ? mine[path] : theirs[path]);
    }),
  );
});

beforeEach(() => localStorage.clear());
const settled = (): Promise<void> => act(() => Promise.resolve());

test('what is typed comes back after a reload, and stands on what another saved meanwhile', async () => {
  const first = renderHook(() => useKeptDraft('x', { name: 'A', n: 1, m: 5 }));
  await settled();
  act(() => first.result.current.setDraft((was) => ({ ...was, n: 2 })));
  expect(first.result.current.changed).toEqual(['n']);
  first.unmount();
  const again = renderHook(() => useKeptDraft('x', { name: 'A', n: 1, m: 5 }));
  await settled();
  expect(again.result.current).toMatchObject({ draft: { n: 2 }, changed: ['n'], behind: false });
  again.unmount();
  const newer = renderHook(() => useKeptDraft('x', { name: 'B', n: 1, m: 6 }));
  await settled();
  expect(newer.result.current).toMatchObject({ draft: { name: 'B', n: 2, m: 6 }, changed: ['n'], behind: true });
  act(() => newer.result.current.drop());
  expect(newer.result.current).toMatchObject({ draft: { n: 1 }, changed: [], behind: false });
  newer.unmount();
  const last = renderHook(() => useKeptDraft('x', { name: 'B', n: 1, m: 6 }));
  await settled();
  expect(last.result.current.changed).toEqual([]);
});

test('what another saved just so is no change any more', async () => {
  const first = renderHook(() => useKeptDraft('y', { n: 1 }));
  act(() => first.result.current.setDraft(() => ({ n: 2 })));
  first.unmount();
  const again = renderHook(() => useKeptDraft('y', { n: 2 }));
  await settled();
  expect(again.result.current).toMatchObject({ changed: [], behind: false });
});
