import { expect, test } from 'vitest';
import { boardAt, evaluate } from '../comparison/board';
import { prepareStudy } from '../study';
import { bracket } from '../testing/demo-briefs';
import { briefChanges, laneCase, resultChanges } from '.';

test('the leader has its cost for it and at most two reasons against it, heaviest first', () => {
  const study = prepareStudy(bracket());
  const board = boardAt(study, 2000, '2027-01-04');
  const found = laneCase(study, board, board.leader ?? '');
  expect(found?.for[0]?.text).toMatch(/Lowest total cost/);
  expect(found?.against.length).toBeGreaterThan(0);
  expect(found?.against.length).toBeLessThanOrEqual(2);
  const weights = found?.against.map((a) => a.weight) ?? [];
  expect([...weights].sort((a, b) => b - a)).toEqual(weights);
});

test('a more expensive lane is told by how much, against the leader', () => {
  const study = prepareStudy(bracket());
  const board = boardAt(study, 2000);
  const found = laneCase(study, board, 'shell-investment/printed');
  expect(found?.against[0]?.text).toMatch(/^More expensive than .+ by [\d.\u202f]+ USD per part/);
});

test('a wide demand band speaks against a tool that only pays at the likely figure', () => {
  const study = prepareStudy(bracket({ quantity: { perYear: 8000, years: 5, lot: 1000, demand: [10, 8000, 9000] } }));
  const board = boardAt(study, 40_000);
  const found = laneCase(study, board, board.leader ?? '');
  expect(found?.against.some((a) => a.text.includes('If demand turns out low'))).toBe(true);
});

test('what is barred for lack of money has no case', () => {
  const study = prepareStudy(bracket());
  expect(laneCase(study, boardAt(study, 10), 'spin/organic-rubber')).toBeNull();
});

test('changes since: brief by path, results by name, nothing when nothing changed', () => {
  const was = bracket();
  const is = { ...was, geometry: { ...was.geometry, wallMin_mm: 4 } };
  expect(briefChanges(was, is)).toEqual([{ what: 'geometry.wallMin_mm', was: 6, is: 4 }]);
  expect(briefChanges(was, bracket())).toEqual([]);
  const before = evaluate(was);
  expect(resultChanges(before, evaluate(was), before.leader ?? '')).toEqual([]);
  expect(resultChanges(before, evaluate(is), 'green-sand/bench').map((c) => c.what)).toContain(
    'verdict of the chosen route',
  );
});
