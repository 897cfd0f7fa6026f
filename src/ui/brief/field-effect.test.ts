import { expect, test } from 'vitest';
import { moves, spanOf } from './field-effect';

const trial = (allIn: number | null, routes = 3) => ({
  words: String(allIn),
  routes,
  leader: allIn === null ? null : 'x',
  allIn,
});

test('of a few values the outermost are told; one without a route counts among the routes only', () => {
  const effect = { path: 'p', trials: [trial(20, 5), trial(null, 0), trial(25, 2)] };
  expect(spanOf(effect)).toEqual({ routes: [0, 5], cost: [20, 25], ofMost: false });
  expect(moves(effect)).toBeCloseTo(0.25, 12);
});

test('of many the outer tenth on either side is left out', () => {
  const effect = { path: 'alloy', trials: [...Array.from({ length: 19 }, (_, i) => trial(10 + i)), trial(9e6)] };
  expect(spanOf(effect)).toMatchObject({ cost: [12, 27], ofMost: true });
});

test('where nothing is left the cost does not move', () => {
  expect(moves({ path: 'p', trials: [trial(null)] })).toBe(0);
});
