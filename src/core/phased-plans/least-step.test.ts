import fc from 'fast-check';
import { expect, test } from 'vitest';
import { bracket } from '../testing/demo-briefs';
import { leastStep } from './least-step';
import type { PlanDue } from './deliveries';

const brief = (prototypes: number | null, lot: number | null = 250) =>
  bracket({ quantity: { ...bracket().quantity, prototypes, lot } });
const due = (pieces: number): PlanDue => ({ name: 'asked', pieces, asked_d: 30, day_d: 30 });

test('a step makes at least the smallest delivery asked, else the prototypes, else a lot', () => {
  expect(leastStep(brief(6), 2400, [due(160), due(12)])).toBe(12);
  expect(leastStep(brief(6), 2400, [])).toBe(6);
  expect(leastStep(brief(null), 2400, [])).toBe(250);
  expect(leastStep(brief(0), 2400, [])).toBe(250);
});

test('never more than half of the programme, and never nothing', () => {
  const counts = fc.integer({ min: 1, max: 5000 });
  fc.assert(
    fc.property(
      counts,
      fc.option(counts),
      fc.option(counts),
      fc.array(counts, { maxLength: 3 }),
      (q, p, lot, asked) => {
        const least = leastStep(
          brief(p, lot),
          q,
          asked.map((n) => due(Math.min(q, n))),
        );
        expect(least).toBeGreaterThanOrEqual(1);
        expect(least).toBeLessThanOrEqual(Math.max(1, Math.floor(q / 2)));
      },
    ),
  );
});
