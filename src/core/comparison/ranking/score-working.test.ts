import fc from 'fast-check';
import { expect, test } from 'vitest';
import { boardAt } from '../board';
import { prepareStudy } from '../../study';
import { bracket } from '../../testing/demo-briefs';
import { recompute } from '../../testing/recompute';
import { differenceTo, workingOf } from '../../study/workings';
import { rankingsAt, scoreWorking, WEIGHED, type Weights } from '.';

const study = prepareStudy(bracket());

test('a score is worked out again from its symbols, for any weights', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 5, maxLength: 5 }).filter((w) => w.some((x) => x > 0)),
      fc.constantFrom(20, 500, 2000, 60_000),
      (list, q) => {
        const weights = Object.fromEntries(WEIGHED.map((key, i) => [key, list[i]])) as Weights;
        const rankings = rankingsAt(study, boardAt(study, q), weights)!;
        for (const { id } of rankings.options) {
          const w = scoreWorking(rankings, weights, id, 'USD');
          expect(w.value).toBeCloseTo(rankings.scores[id]!, 12);
          expect(recompute(w)).toBeCloseTo(w.value, 12);
          for (const s of w.symbols)
            if (s.opens !== null) expect(workingOf(study, s.opensLane ?? id, q, s.opens).value).toBeCloseTo(s.value, 6);
        }
      },
    ),
    { numRuns: 20, seed: 3 },
  );
});

test('the largest regret is the difference to the best lane of its quantity', () => {
  const rankings = rankingsAt(study, boardAt(study, 2000), {
    cost: 1,
    first: 0,
    operations: 0,
    reserve: 0,
    scrap: 0,
    effort: 0,
  })!;
  let some = 0;
  for (const { id } of rankings.options) {
    const { q, best } = rankings.regretAt[id]!;
    expect(rankings.states).toContain(q);
    if (best === id) expect(rankings.maxRegret[id]).toBe(0);
    else {
      some++;
      expect(workingOf(study, id, q, differenceTo('total', best)).value).toBeCloseTo(rankings.maxRegret[id]!, 6);
    }
  }
  expect(some).toBeGreaterThan(2);
});
