import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { checkMesh, type Mesh, type Vec } from '../geometry';
import { readMeshFile } from '../readers';
import { frameAlong, outlineOf, placedIn, sectionAt, silhouetteAlong, simplified, twiceArea, type Ring } from '.';

const read = (name: string): Mesh =>
  checkMesh(readMeshFile(name, new Uint8Array(readFileSync(`src/server/demo/parts/${name}`))), 'mm').mesh;
const areaOf = (rings: readonly Ring[]): number => Math.abs(rings.reduce((sum, r) => sum + twiceArea(r) / 2, 0));

/** A tube along z: outer and inner radius, height; n sides. */
function tube(R: number, r: number, h: number, n: number): Mesh {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (let i = 0; i < n; i++) {
    const a = (2 * Math.PI * i) / n;
    for (const [radius, z] of [
      [R, 0],
      [R, h],
      [r, 0],
      [r, h],
    ] as const)
      positions.push(radius * Math.cos(a), radius * Math.sin(a), z);
    const [k, m] = [4 * i, 4 * ((i + 1) % n)];
    const quad = (a0: number, b: number, c: number, d: number): void => void triangles.push(a0, b, c, a0, c, d);
    quad(k, m, m + 1, k + 1);
    quad(m + 2, k + 2, k + 3, m + 3);
    quad(k + 1, m + 1, m + 3, k + 3);
    quad(k, k + 2, m + 2, m);
  }
  return { positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) };
}

describe('what of a part is drawn', () => {
  test('the section of a tube through its middle is two walls, and level with its foot a ring', () => {
    const mesh = tube(20, 15, 30, 96);
    const frame = frameAlong(mesh, [0, 0, 1]);
    const across = sectionAt(mesh, frame, 1, 0);
    expect(across).toHaveLength(2);
    expect(areaOf(across)).toBeCloseTo(2 * 5 * 30, 0);
    const level = sectionAt(mesh, frame, 2, 10);
    expect(level).toHaveLength(2);
    expect(areaOf(level)).toBeCloseTo(Math.PI * (20 ** 2 - 15 ** 2), -1);
    expect(areaOf(silhouetteAlong(mesh, frame, 2))).toBeCloseTo(Math.PI * (20 ** 2 - 15 ** 2), -1);
    expect(areaOf(silhouetteAlong(mesh, frame, 1)) / (40 * 30)).toBeCloseTo(1, 2);
  });

  test.each(['pier-foot', 'fork-arm', 'filter-drawer', 'gimbal-ring', 'tripod-hub', 'gear-head', 'controller-shell'])(
    'the section of %s lies in its silhouette, and both in its box',
    (name) => {
      const outline = outlineOf(read(`${name}.stl`), [0, 0, 1]);
      const [long, , up] = outline.size_mm;
      expect(outline.section.length).toBeGreaterThan(0);
      const [front, cut] = [areaOf(outline.fromFront), areaOf(outline.section)];
      expect(cut).toBeGreaterThan(0);
      expect(cut).toBeLessThanOrEqual(front * 1.01);
      for (const [x, y] of [...outline.section, ...outline.fromFront].flat()) {
        expect(Math.abs(x)).toBeLessThanOrEqual(long / 2 + long / 500);
        expect(y).toBeGreaterThanOrEqual(-long / 500);
        expect(y).toBeLessThanOrEqual(up + long / 500);
      }
      expect(outline.widest_mm).toBeGreaterThan(0);
      expect(outline.widest_mm).toBeLessThan(up);
    },
  );

  test('a part turned any way is drawn alike', () => {
    const mesh = tube(20, 12, 44, 48);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 6, noNaN: true }), fc.double({ min: 0.1, max: 3, noNaN: true }), (a, b) => {
        const turned = mesh.positions.slice();
        const [ca, sa, cb, sb] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b)];
        for (let i = 0; i < turned.length; i += 3) {
          const [x, y, z] = [turned[i]!, turned[i + 1]!, turned[i + 2]!];
          const [u, v] = [x * ca - y * sa, x * sa + y * ca];
          turned.set([u, v * cb - z * sb, v * sb + z * cb], i);
        }
        const d: Vec = [0, -sb, cb];
        const at = { ...mesh, positions: turned };
        expect(frameAlong(at, d).size_mm[2]).toBeCloseTo(44, 6);
        expect(areaOf(sectionAt(at, frameAlong(at, d), 1, 0)) / (2 * 8 * 44)).toBeCloseTo(1, 1);
        const frame = frameAlong(at, d);
        const foot = placedIn(frame, [turned[0]!, turned[1]!, turned[2]!]);
        expect(foot[2]).toBeCloseTo(0, 6);
      }),
      { numRuns: 25 },
    );
  });

  test('a ring is simplified within its tolerance', () => {
    const ring: Ring = Array.from({ length: 720 }, (_, i) => {
      const a = (Math.PI * i) / 360;
      return [50 * Math.cos(a), 50 * Math.sin(a)] as const;
    });
    const few = simplified(ring, 0.1);
    expect(few.length).toBeLessThan(80);
    expect(twiceArea(few) / twiceArea(ring)).toBeGreaterThan(0.995);
    expect(
      simplified(
        [
          [0, 0],
          [1, 0],
          [0, 1],
        ],
        5,
      ),
    ).toHaveLength(3);
  });
});
