import { expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { ruleName } from './rule-names';

const NEEDS = [
  { pressureTight: true },
  { heatTreated: true },
  { welded: true, leadFree: true },
  { inserts: true, castThread: true },
  { coated: true },
] as const;

test('every rule that a board tells of has a name, not an id of the code', () => {
  const hard = bracket({
    holes: [{ dia_mm: 3, depth_mm: 90, count: 4, thread: true, through: false }],
    geometry: { ...bracket().geometry, wallMin_mm: 0.3, sectionMax_mm: 38 },
  });
  const told = new Set(
    [bracket(), hard, ...NEEDS.map((needs) => bracket({ needs: { ...bracket().needs, ...needs } }))].flatMap((brief) =>
      [2, 500, 90_000].flatMap((q) =>
        boardAt(prepareStudy(brief), q, '2027-01-04').lanes.flatMap((lane) =>
          [...lane.findings, ...lane.programme].map((f) => f.rule),
        ),
      ),
    ),
  );
  expect(told.size).toBeGreaterThan(15);
  expect([...told].filter((rule) => ruleName(rule) === rule)).toEqual([]);
});
