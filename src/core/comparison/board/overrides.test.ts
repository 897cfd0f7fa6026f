import { describe, expect, test } from 'vitest';
import { mostPositions } from '../../cost';
import { bracket } from '../../testing/demo-briefs';
import { workingOf } from '../../study/workings';
import { bestLayout, prepareStudy } from '../../study';
import { boardAt, crossings, leaderAt, winnerRuns } from '.';

const LANE = 'green-sand/bench';
const layouts = (n: number, nt = n) =>
  prepareStudy(bracket({ overrides: { layouts: { [LANE]: [n, nt] }, variants: {} } }));
const variants = (overridden: Record<string, string>) =>
  prepareStudy(bracket({ overrides: { layouts: {}, variants: overridden } }));
const lane = (s: ReturnType<typeof prepareStudy>, id = LANE) =>
  s.lanes.find((e) => e.lane.id === id) as (typeof s.lanes)[number];
const plain = prepareStudy(bracket());

describe('a count of positions fixed by the brief', () => {
  const model = lane(plain).model;
  const most = model === null ? 0 : mostPositions(model);
  test('is used at every quantity, and never costs less than the cheapest', () => {
    for (const q of [1, 60, 900, 40_000]) {
      const overridden = bestLayout(lane(layouts(1)), q);
      expect(overridden?.cost.plan.n).toBe(1);
      expect(overridden?.total).toBeGreaterThanOrEqual(bestLayout(lane(plain), q)?.total ?? Infinity);
    }
    expect(boardAt(layouts(1), 900).lanes.find((l) => l.id === LANE)).toMatchObject({ layoutOverridden: true });
  });
  test('that does not fit per pour leaves the cheapest', () => {
    const over = layouts(most + 1);
    expect(lane(over).overriddenCost).toBeNull();
    expect(bestLayout(lane(over), 900)?.cost.plan.n).toBe(bestLayout(lane(plain), 900)?.cost.plan.n);
  });
  test('is told in its working, beside those that were tried', () => {
    const w = workingOf(layouts(1), LANE, 900, 'positions');
    expect(w.title).toContain('fixed by the brief');
    expect(w.value).toBe(boardAt(layouts(1), 900).lanes.find((l) => l.id === LANE)?.money?.total);
    expect(w.symbols.length).toBeGreaterThan(2);
    expect(workingOf(plain, LANE, 900, 'positions').title).toContain('the cheapest of');
  });
});

describe('a variant fixed by the brief', () => {
  test('stands for its route at every quantity: its siblings lead nowhere', () => {
    const study = variants({ 'green-sand': 'green-sand/loose' });
    for (const q of [1, 60, 900, 40_000]) {
      const board = boardAt(study, q);
      expect(board.bestOfRoute['green-sand']).toBe('green-sand/loose');
      expect(board.leader).toBe(leaderAt(study, q));
    }
    const leading = new Set(winnerRuns(study).map((r) => r.laneId));
    for (const id of ['green-sand/bench', 'green-sand/machine']) expect(leading.has(id)).toBe(false);
    for (const c of crossings(study)) expect(c.lanes.some((id) => /green-sand\/(bench|machine)/.test(id))).toBe(false);
  });
  test('of another route, or none there is, changes nothing', () => {
    const study = variants({ 'green-sand': 'green-sand/no-such' });
    expect(boardAt(study, 900).leader).toBe(boardAt(plain, 900).leader);
    expect(lane(study).passedOver).toBe(false);
  });
});
