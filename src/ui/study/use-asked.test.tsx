// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { whenIdle } from '../when-idle';
import { useAsked } from './use-asked';
import { useWarmUp } from './use-warm-up';
import { setUpPage } from '../testing/set-up';

const workers = vi.hoisted(() => ({ closed: 0, made: 0 }));
vi.mock('@/workers/cost-curves.client', () => ({
  Cancelled: class Cancelled extends Error {},
  CostCurvesClient: class {
    constructor() {
      workers.made++;
    }
    close() {
      workers.closed++;
    }
  },
}));

interface Question {
  readonly wanted: number;
  readonly answer: (x: string) => Promise<void>;
  readonly refuse: (error: unknown) => Promise<void>;
}
let questions: Question[];
const ask = (_: unknown, wanted: number): Promise<string> =>
  new Promise((resolve, reject) => {
    questions.push({
      wanted,
      answer: (x) => act(() => Promise.resolve(resolve(x))),
      refuse: (error) => act(() => Promise.resolve(reject(error instanceof Error ? error : new Error(String(error))))),
    });
  });

setUpPage();
beforeEach(() => {
  questions = [];
  Object.assign(workers, { closed: 0, made: 0 });
});
const asking = (wanted = 1) => renderHook(({ w }) => useAsked(w, ask), { initialProps: { w: wanted } });

describe('a worker that follows the hand', () => {
  test('gives its answer', async () => {
    const { result } = asking();
    expect(result.current).toEqual({ answer: null, busy: true, error: null });
    await questions[0]?.answer('one');
    expect(result.current).toEqual({ answer: 'one', busy: false, error: null });
  });

  test('is asked one thing at a time, and of what came meanwhile only the latest', async () => {
    const { result, rerender } = asking(1);
    for (const w of [2, 3, 4]) rerender({ w });
    expect(questions.map((q) => q.wanted)).toEqual([1]);
    await questions[0]?.answer('one');
    expect(result.current).toMatchObject({ answer: 'one', busy: true });
    expect(questions.map((q) => q.wanted)).toEqual([1, 4]);
    await questions[1]?.answer('four');
    expect(result.current).toEqual({ answer: 'four', busy: false, error: null });
  });

  test('a refusal is told and what stood before stays', async () => {
    const { result, rerender } = asking(1);
    await questions[0]?.answer('one');
    rerender({ w: 2 });
    await questions[1]?.refuse(new Error('the worker died'));
    expect(result.current).toEqual({ answer: 'one', busy: false, error: 'the worker died' });
    rerender({ w: 3 });
    await questions[2]?.answer('three');
    expect(result.current).toEqual({ answer: 'three', busy: false, error: null });
  });

  test('what takes long is shown as under way', async () => {
    const { result, rerender } = asking(1);
    await questions[0]?.answer('one');
    rerender({ w: 2 });
    expect(result.current.busy).toBe(false);
    await act(() => vi.advanceTimersByTimeAsync(320));
    expect(result.current.busy).toBe(true);
  });

  test('ends with the screen', () => {
    const { unmount } = asking();
    unmount();
    expect(workers).toEqual({ closed: 1, made: 1 });
  });
});

describe('free moments', () => {
  test('come soon where the browser names none, and can be taken back', async () => {
    const run = vi.fn();
    whenIdle(run, 1000);
    const back = whenIdle(run, 1000);
    back();
    await vi.advanceTimersByTimeAsync(250);
    expect(run).toHaveBeenCalledTimes(1);
  });

  test('are those the browser names', () => {
    const cancelled: number[] = [];
    vi.stubGlobal('requestIdleCallback', () => 5);
    vi.stubGlobal('cancelIdleCallback', (handle: number) => cancelled.push(handle));
    whenIdle(() => undefined, 1000)();
    expect(cancelled).toEqual([5]);
    vi.unstubAllGlobals();
  });

  test('warm a study up a few times once it is ready, and then no more', async () => {
    const study = prepareStudy(bracket());
    const { result, rerender } = renderHook(({ ready }) => useWarmUp(ready, study), { initialProps: { ready: false } });
    await act(() => vi.advanceTimersByTimeAsync(5000));
    expect(result.current).toBe(0);
    rerender({ ready: true });
    for (let k = 0; k < 8; k++) await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(result.current).toBe(4);
  });
});
