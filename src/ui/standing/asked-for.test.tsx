// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { FIRST_WEIGHTS } from '@/core/comparison/ranking';
import type { StandingsKept } from '@/server/results';
import { useWeights } from '../ranking/use-weights';
import { standInServer, type Asked } from '../testing/server';
import { useStandings } from './use-standings';
import { setUpPage } from '../testing/set-up';

let asked: Asked[];
setUpPage();
beforeEach(() => (asked = standInServer()));
const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const answered = (at: number, status: number, body: unknown) => act(async () => asked[at]?.answer(status, body));
const kept = (waiting: number): StandingsKept => ({ counts: { waiting }, standings: [] }) as unknown as StandingsKept;

describe('how signed decisions stand', () => {
  test('is asked for again while some are looked at anew, and left when all are', async () => {
    const { result } = renderHook(() => useStandings(kept(2)));
    await wait(1250);
    await answered(0, 200, kept(1));
    expect(result.current?.counts.waiting).toBe(1);
    await wait(1250);
    await answered(1, 200, kept(0));
    await wait(10_000);
    expect(asked).toHaveLength(2);
  });

  test('a server that is away changes nothing, and is asked again in a while', async () => {
    const { result } = renderHook(() => useStandings(kept(2)));
    await wait(1250);
    await answered(0, 503, {});
    expect(result.current?.counts.waiting).toBe(2);
    await wait(1250);
    expect(asked).toHaveLength(2);
  });

  test('where there are none nothing is asked', async () => {
    const { result } = renderHook(() => useStandings(null));
    await wait(5000);
    expect(result.current).toBeNull();
    expect(asked).toEqual([]);
  });
});

describe('weights of the ranking', () => {
  const team = { ...FIRST_WEIGHTS, cost: 9 };
  const own = { ...FIRST_WEIGHTS, cost: 2 };

  test('are the first ones until the team’s come', async () => {
    const { result } = renderHook(() => useWeights());
    expect(result.current.weights).toEqual(FIRST_WEIGHTS);
    await answered(0, 200, { weights: team });
    expect(result.current.weights).toEqual(team);
  });

  test('set by hand they stand, however late the team’s come', async () => {
    const { result } = renderHook(() => useWeights());
    act(() => result.current.setWeights(own));
    await answered(0, 200, { weights: team });
    expect(result.current.weights).toEqual(own);
    expect(result.current.team).toEqual({ weights: team });
  });

  test('kept for all they become the team’s; refused they say so', async () => {
    const { result } = renderHook(() => useWeights());
    await answered(0, 503, {});
    expect(result.current.weights).toEqual(FIRST_WEIGHTS);
    act(() => result.current.setWeights(own));
    let done = Promise.resolve();
    act(() => {
      done = result.current.keep('Ilse Varga');
    });
    expect(asked[1]).toMatchObject({ method: 'PUT', path: '/api/weights', body: { weights: own, who: 'Ilse Varga' } });
    await answered(1, 200, { weights: own, who: 'Ilse Varga' });
    await done;
    expect(result.current.team).toEqual({ weights: own, who: 'Ilse Varga' });
    const refused = result.current.keep('');
    await asked[2]?.answer(400, { error: { message: 'who: wanted.' } });
    await expect(refused).rejects.toThrow('who: wanted.');
  });
});
