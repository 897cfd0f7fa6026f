import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { prepareStudy, type Study, type StudyLane } from '../study';
import type { ProgrammeCost } from '../cost';
import { bracket, briefOf } from '../testing/demo-briefs';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { dayOf, laneTime, type LaneTime } from '.';

const studies = [prepareStudy(bracket()), ...QUILLMERE_PARTS.map((p) => prepareStudy(briefOf(p)))];
const times: [string, LaneTime][] = studies.flatMap((s) =>
  s.lanes
    .filter((e) => e.model !== null)
    .flatMap((e) =>
      e.costs.map((c): [string, LaneTime] => [
        `${s.brief.title} ${e.lane.id} n=${c.plan.n}`,
        laneTime(c.model, c.plan),
      ]),
    ),
);

const timeOf = (study: Study, laneId: string): LaneTime => {
  const entry = study.lanes.find((e) => e.lane.id === laneId) as StudyLane;
  const cost = entry.costs[0] as ProgrammeCost;
  return laneTime(cost.model, cost.plan);
};

test('later pieces never come earlier, and the first article is the first', () => {
  fc.assert(
    fc.property(fc.nat({ max: times.length - 1 }), fc.integer({ min: 1, max: 50_000 }), (i, n) => {
      const [name, time] = times[i] as [string, LaneTime];
      expect(dayOf(time, n + 1, 50_001), name).toBeGreaterThanOrEqual(dayOf(time, n, 50_001));
      expect(dayOf(time, 1, 50_001), name).toBe(time.firstArticle_d);
    }),
    { numRuns: 400 },
  );
});

test('the bottleneck is the least of all resources, and every figure is a number', () => {
  for (const [name, time] of times) {
    const least = Math.min(...time.resources.map((r) => r.startsPerDay));
    expect(time.resources.find((r) => r.id === time.bottleneck)?.startsPerDay, name).toBe(least);
    expect(time.goodPerDay > 0 && time.goodPerDay <= least, name).toBe(true);
    expect(time.pass_d, name).toBeCloseTo(
      time.steps.reduce((s, x) => s + x.days, 0),
      9,
    );
    expect(Number.isFinite(time.firstArticle_d) && time.firstArticle_d > time.pass_d, name).toBe(true);
  }
});

test('twenty pieces or fewer wait for no approval', () => {
  const time = timeOf(studies[0] as Study, 'gravity-die/hand');
  const run = (n: number): number => (time.calendarPerWorkday * (n - time.samples)) / time.goodPerDay;
  expect(dayOf(time, 20, 20)).toBeCloseTo(time.firstArticle_d + run(20), 9);
  expect(dayOf(time, 20, 21)).toBeCloseTo(time.firstArticle_d + run(20) + time.approve_d + time.pass_d, 9);
});

describe('steps are skipped where there is nothing to do', () => {
  const ids = (brief: ReturnType<typeof bracket>, lane: string): string[] =>
    timeOf(prepareStudy(brief), lane).steps.map((s) => s.id);
  test('no core, no machining, no heat treatment', () => {
    expect(ids(bracket(), 'green-sand/bench')).toEqual(['mould', 'pour', 'cool', 'knock', 'fettle', 'inspect']);
  });
  test('each comes back when it is asked for', () => {
    const passage = bracket({ geometry: { ...bracket().geometry, passages: 1 } });
    expect(ids(passage, 'green-sand/bench')[0]).toBe('core');
    expect(ids(bracket({ needs: { ...bracket().needs, heatTreated: true } }), 'green-sand/bench')).toContain('ht');
    const cut = bracket({
      features: [{ id: 'a', kind: 'face', nominal_mm: 60, tol_mm: 0.1, mustMachine: true, area_cm2: 20 }],
    });
    expect(ids(cut, 'green-sand/bench')).toContain('machine');
  });
  test('a shell dries once for each coat', () => {
    const dip = timeOf(studies[0] as Study, 'shell-investment/wax-die').steps.find((s) => s.id === 'dip');
    expect(dip?.wait_h).toBeCloseTo(7 * 4.5, 9);
  });
  test('a die shot has no hand-over and waits within its cycle', () => {
    const shot = timeOf(studies[0] as Study, 'gravity-die/hand').steps.find((s) => s.id === 'shot');
    expect(shot?.handover_d).toBe(0);
    expect(shot?.wait_h).toBe(0);
  });
});
