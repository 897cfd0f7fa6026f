import { expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { parseBrief } from '@/core/brief';
import { warmSimulation } from './simulation.warm';
import { WARM_BRIEF } from './warm-brief.data';

test('the made-up part is whole: most routes can pour it, and something is drawn of it', () => {
  const parsed = parseBrief(WARM_BRIEF);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  const board = boardAt(prepareStudy(parsed.brief), 2000, '2027-01-04');
  expect(board.lanes.filter((l) => l.money !== null && l.status !== 'blocked').length).toBeGreaterThan(4);
  expect(board.leader).not.toBeNull();
});

test('it ends at the first breath after something is asked', async () => {
  let breaths = 0;
  await warmSimulation(() => Promise.resolve(++breaths < 4));
  expect(breaths).toBeLessThanOrEqual(6);
});
