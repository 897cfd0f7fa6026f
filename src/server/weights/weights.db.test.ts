import { afterAll, beforeAll, expect, test } from 'vitest';
import { FIRST_WEIGHTS } from '@/core/comparison/ranking';
import { closePool } from '../db';
import { freshDatabase } from '../testing/test-database';
import { setTeamWeights, teamWeights } from '.';

beforeAll(() => freshDatabase('weights'));
afterAll(closePool);

test('before anybody sets them the weights are the first ones', async () => {
  expect(await teamWeights()).toEqual({ weights: FIRST_WEIGHTS, changedBy: null, changedAt: null });
});

test('what is set comes back for everybody, with who and when', async () => {
  const weights = { cost: 2.5, first: 10, operations: 0, reserve: 0.5, scrap: 3, effort: 2 };
  await setTeamWeights(weights, 'Buyer');
  await setTeamWeights({ ...weights, scrap: 4 }, 'Engineer');
  const got = await teamWeights();
  expect(got.weights).toEqual({ ...weights, scrap: 4 });
  expect(got.changedBy).toBe('Engineer');
  expect(Date.parse(got.changedAt ?? '')).toBeGreaterThan(0);
});

test('a weight beyond its range is refused by the database too, and nothing of it stays', async () => {
  const before = await teamWeights();
  await expect(setTeamWeights({ ...FIRST_WEIGHTS, scrap: 11 }, 'X')).rejects.toThrow();
  expect(await teamWeights()).toEqual(before);
});
