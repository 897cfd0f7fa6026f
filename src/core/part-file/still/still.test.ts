import { expect, test } from 'vitest';
import { stillOf } from '.';

/** Facets of a cube of side 2 about the origin. */
const cube = Float32Array.from(
  [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ].flatMap(([a, b, c, d]) =>
    [a, b, c, a, c, d].flatMap((i) => [
      ((i ?? 0) & 1) * 2 - 1,
      (((i ?? 0) >> 1) & 1) * 2 - 1,
      (((i ?? 0) >> 2) & 1) * 2 - 1,
    ]),
  ),
);
const opaque = (p: ReturnType<typeof stillOf>): number => p.data.filter((x, i) => i % 4 === 3 && x > 200).length;

test('a cube stands in the middle on nothing, lit from above', () => {
  const p = stillOf(cube, 80, 60);
  const at = (x: number, y: number): number[] => [...p.data.subarray(4 * (y * 80 + x), 4 * (y * 80 + x) + 4)];
  expect(at(0, 0)[3]).toBe(0);
  expect(at(40, 30)[3]).toBe(255);
  const tones = new Set(
    Array.from({ length: 60 }, (_, y) => at(40, y))
      .filter((c) => c[3] === 255)
      .map((c) => c[0]),
  );
  expect(tones.size).toBeGreaterThan(2);
  expect(opaque(p)).toBeGreaterThan(900);
});

test('the same facets give the same picture; another way up gives another', () => {
  expect(stillOf(cube, 40, 30).data).toEqual(stillOf(cube, 40, 30).data);
  const long = cube.map((x, i) => (i % 3 === 0 ? 4 * x : x));
  expect(stillOf(long, 40, 30, [1, 0, 0]).data).not.toEqual(stillOf(long, 40, 30).data);
});

test('nothing at all is an empty picture', () => {
  expect(opaque(stillOf(new Float32Array(), 20, 20))).toBe(0);
});
