import { expect, test } from '@playwright/test';
import { fuzz } from '../scripts/fuzz';
import { Instance } from './instance';

const own = new Instance('e2e-fuzz', 3915);
/** Mutants of one run, and views opened after each that was accepted: they take turns. */
const MUTANTS = 2000;
const VIEWS = 1;

test.beforeAll(() => own.wipe());
test.afterAll(() => own.stop());

test('no mutated request is answered by a fault or late, and what was accepted opens', async () => {
  test.setTimeout(600_000);
  await own.start();
  // Another seed each day: what one run does not meet, a later one may. It is told with the faults.
  const seed = Math.floor(Date.now() / 86_400_000);
  const run = await fuzz(own.place.url, MUTANTS, seed, VIEWS);
  expect(run.faults, `seed ${seed}`).toEqual([]);
  expect(run.accepted).toBeGreaterThan(100);
  expect(run.answers['400'] ?? 0).toBeGreaterThan(500);
});
