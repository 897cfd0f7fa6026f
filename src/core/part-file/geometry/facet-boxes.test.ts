import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { facetBoxes } from './facet-boxes';
import { turning } from '../../testing/real-shapes.mjs';
import type { Mesh, Vec } from './mesh';

/** A round wall of slivers about an axis that lies askew. */
function roundWall(axis: Vec, angle: number, sides: number, length: number): Mesh {
  const turn = turning(axis, angle);
  const positions: number[] = [];
  const triangles: number[] = [];
  for (let i = 0; i < sides; i++) {
    const a = (2 * Math.PI * i) / sides;
    positions.push(...turn([10 * Math.cos(a), 10 * Math.sin(a), 0]));
    positions.push(...turn([10 * Math.cos(a), 10 * Math.sin(a), length]));
    const [p, q] = [2 * i, 2 * ((i + 1) % sides)];
    triangles.push(p, q, q + 1, p, q + 1, p + 1);
  }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}

const half = (bounds: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < bounds.length; i += 6) {
    const [x, y, z] = [0, 1, 2].map((k) => bounds[i + 3 + k]! - bounds[i + k]!) as [number, number, number];
    sum += x * y + y * z + z * x;
  }
  return sum;
};

const unit = fc.double({ min: 0, max: 1, noNaN: true });
const side = fc.double({ min: -1, max: 1, noNaN: true });

describe('boxes round facets', () => {
  test('every place of a facet lies in one of its pieces, wherever the part stands', () => {
    fc.assert(
      fc.property(
        fc.tuple(side, side, side).filter((v) => Math.hypot(...v) > 0.1),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.integer({ min: 3, max: 200 }),
        fc.array(fc.tuple(unit, unit, unit), { minLength: 10, maxLength: 10 }),
        (axis, angle, sides, places) => {
          const mesh = roundWall(axis, angle, sides, 120);
          const { of, bounds } = facetBoxes(mesh);
          const n = mesh.triangles.length / 3;
          expect(new Set(of).size).toBe(n);
          expect(of.length).toBeLessThanOrEqual(2.5 * n + 1);
          for (const [pick, s, r] of places) {
            const f = Math.min(n - 1, Math.floor(pick * n));
            const root = Math.sqrt(s);
            const weights = [1 - root, root * (1 - r), root * r];
            const at = [0, 1, 2].map((k) =>
              weights.reduce((sum, w, c) => sum + w * mesh.positions[3 * mesh.triangles[3 * f + c]! + k]!, 0),
            );
            const held = Array.from(of.keys()).some(
              (i) =>
                of[i] === f &&
                at.every((x, k) => x >= bounds[6 * i + k]! - 1e-12 && x <= bounds[6 * i + 3 + k]! + 1e-12),
            );
            expect(held).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  test('slivers askew are cut: their boxes shrink; square ones stay whole', () => {
    const askew = roundWall([1, 1, 0.3], 0.8, 200, 120);
    const cut = facetBoxes(askew);
    expect(cut.of.length).toBeGreaterThan(1.5 * (askew.triangles.length / 3));
    const whole = new Float64Array(2 * askew.triangles.length);
    for (let f = 0; f < askew.triangles.length / 3; f++)
      for (let k = 0; k < 3; k++) {
        const along = [0, 1, 2].map((c) => askew.positions[3 * askew.triangles[3 * f + c]! + k]!);
        whole[6 * f + k] = Math.min(...along);
        whole[6 * f + 3 + k] = Math.max(...along);
      }
    expect(half(cut.bounds)).toBeLessThan(0.6 * half(whole));
    const straight = roundWall([0, 0, 1], 0, 200, 120);
    expect(facetBoxes(straight).of.length).toBe(straight.triangles.length / 3);
  });
});
