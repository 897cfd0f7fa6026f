import { describe, expect, test } from 'vitest';
import { placeOn, scaleOf } from './whisker';

describe('whiskers', () => {
  const band = (p10: number, p50: number, p90: number) => ({ p10, p50, p90 });
  test('share one scale, by ratio or by difference', () => {
    const scale = scaleOf([band(1, 2, 10), band(5, 50, 100)], true)!;
    expect([1, 10, 100].map((x) => Math.round(placeOn(x, scale)))).toEqual([0, 50, 100]);
    expect(placeOn(5, scaleOf([band(0, 5, 10)], false)!)).toBe(50);
  });
  test('what lies beyond an end stands at the end', () => {
    const scale = scaleOf([band(1, 2, 10)], true)!;
    expect([0.1, 1000].map((x) => placeOn(x, scale))).toEqual([0, 100]);
  });
  test('nothing to show, or all alike, has no scale', () => {
    expect(scaleOf([], true)).toBeNull();
    expect(scaleOf([band(3, 3, 3)], false)).toBeNull();
    expect(scaleOf([band(0, 1, 2)], true)).toBeNull();
  });
});
