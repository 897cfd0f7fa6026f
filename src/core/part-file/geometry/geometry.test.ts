import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { readMeshFile, type RawMesh } from '../readers';
import {
  bestDraws,
  boxAlong,
  buildBvh,
  checkMesh,
  drawCandidates,
  isClosed,
  massProperties,
  measureBody,
  measureDraw,
  partingLine,
  placeSeen,
  quantile,
  readyBody,
  roundFeatures,
  shadow,
  smallestBox,
  type Mesh,
  type Vec,
} from '.';
import { clean } from './clean';
import { edgesOf } from './edges';
import { convexHull } from './hull';
import { NearestFinder } from './nearest';
import { overlaps } from './overlaps';
import { RayCaster } from './ray';
import { smallestRectangle } from './rectangle';
import { refine } from './refine';
import { cross, direction, dot, frameOf, length, minus, unitOf } from './vector';
import { weld } from './weld';

const raw = (positions: readonly number[], triangles: readonly number[]): RawMesh => ({
  positions: Float64Array.from(positions),
  triangles: Uint32Array.from(triangles),
  unit: 'mm',
  warnings: [],
});

/** A box of sides a, b, c with a corner at the origin, each facet with corners of its own. */
function boxSoup(
  a: number,
  b: number,
  c: number,
  shift: Vec = [0, 0, 0],
): { positions: number[]; triangles: number[] } {
  const corner = (i: number): number[] => [
    (i & 1) * a + shift[0],
    ((i >> 1) & 1) * b + shift[1],
    ((i >> 2) & 1) * c + shift[2],
  ];
  const faces = [
    [0, 2, 3, 1],
    [4, 5, 7, 6],
    [0, 1, 5, 4],
    [2, 6, 7, 3],
    [0, 4, 6, 2],
    [1, 3, 7, 5],
  ];
  const positions = faces.flatMap(([p, q, r, s]) => [p, q, r, p, r, s].flatMap((i) => corner(i ?? 0)));
  return { positions, triangles: Array.from({ length: positions.length / 3 }, (_, i) => i) };
}
const box = (a: number, b: number, c: number) => {
  const { positions, triangles } = boxSoup(a, b, c);
  return checkMesh(raw(positions, triangles), 'mm');
};
const turnedBy = (mesh: Mesh, axis: Vec, angle: number): Mesh => {
  const k = unitOf(axis);
  const positions = mesh.positions.slice();
  for (let i = 0; i < positions.length; i += 3) {
    const p: Vec = [positions[i]!, positions[i + 1]!, positions[i + 2]!];
    const c = cross(k, p);
    const d = dot(k, p);
    for (let j = 0; j < 3; j++)
      positions[i + j] =
        p[j as 0] * Math.cos(angle) + c[j as 0] * Math.sin(angle) + k[j as 0] * d * (1 - Math.cos(angle));
  }
  return { positions, triangles: mesh.triangles };
};
const demo = (name: string) =>
  checkMesh(readMeshFile(name, readFileSync(join(import.meta.dirname, '../../../server/demo/parts', name))), 'mm');
const side = fc.double({ min: 1, max: 200, noNaN: true });
const coordinate = fc.double({ min: -1, max: 1, noNaN: true });
const anyAxis = fc.tuple(coordinate, coordinate, coordinate).filter((v) => Math.hypot(...v) > 0.1);

describe('joining and judging', () => {
  test('corners a hair apart are one, wherever the grid lies', () => {
    fc.assert(
      fc.property(side, side, side, fc.double({ min: -1e4, max: 1e4, noNaN: true }), (a, b, c, at) => {
        const soup = boxSoup(a, b, c, [at, -at, at / 3]);
        const hair = 2e-8 * Math.hypot(a, b, c);
        const shaken = soup.positions.map((x, i) => x + (((i * 7919) % 13) / 13 - 0.5) * hair);
        const checked = checkMesh(raw(shaken, soup.triangles), 'mm');
        expect(checked.counts.vertices).toBe(8);
        expect(checked.verdict).toBe('solid');
      }),
      { numRuns: 200 },
    );
  });
  test('the order of facets and corners changes nothing that is counted', () => {
    const soup = boxSoup(3, 4, 5);
    const facets = Array.from({ length: 12 }, (_, f) => soup.triangles.slice(3 * f, 3 * f + 3));
    fc.assert(
      fc.property(fc.shuffledSubarray(facets, { minLength: 12 }), (order) => {
        const checked = checkMesh(
          raw(
            soup.positions,
            order.flatMap(([a, b, c]) => [b ?? 0, c ?? 0, a ?? 0]),
          ),
          'mm',
        );
        expect(checked.counts).toEqual(box(3, 4, 5).counts);
        expect(massProperties(checked.mesh).volume_mm3).toBeCloseTo(60, 9);
      }),
    );
  });
  test('any facets turned are turned back, and the volume is that of the body', () => {
    const soup = boxSoup(3, 4, 5);
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 11 }), { minLength: 1, maxLength: 5 }), (flipped) => {
        const t = soup.triangles.slice();
        for (const f of flipped) [t[3 * f + 1], t[3 * f + 2]] = [t[3 * f + 2] ?? 0, t[3 * f + 1] ?? 0];
        const checked = checkMesh(raw(soup.positions, t), 'mm');
        expect(checked.verdict).toBe('mis-oriented');
        expect(massProperties(checked.mesh).volume_mm3).toBeCloseTo(60, 9);
        expect(edgesOf(checked.mesh).inconsistentEdges).toBe(0);
      }),
    );
  });
  test('a body inside out is turned; a surface with one side is refused', () => {
    const soup = boxSoup(1, 1, 1);
    const inside = soup.triangles.map((_, i) => soup.triangles[i % 3 === 1 ? i + 1 : i % 3 === 2 ? i - 1 : i] ?? 0);
    const checked = checkMesh(raw(soup.positions, inside), 'mm');
    expect(checked.verdict).toBe('inside-out');
    expect(massProperties(checked.mesh).volume_mm3).toBeCloseTo(1, 12);
    // Seven corners of a real projective plane's neighbour: the six-corner triangulation of the projective plane.
    const plane = [0, 1, 2, 0, 2, 3, 0, 3, 4, 0, 4, 5, 0, 5, 1, 1, 2, 4, 2, 3, 5, 3, 4, 1, 4, 5, 2, 5, 1, 3];
    const corners = Array.from({ length: 6 }, (_, i) => [Math.cos(i), Math.sin(i * 2), i * i * 0.1]).flat();
    expect(() => checkMesh(raw(corners, plane), 'mm')).toThrow('E_MESH_NONMANIFOLD');
  });
  test('facets given twice and facets without area are dropped and counted', () => {
    const soup = boxSoup(1, 2, 3);
    const welded = weld({
      positions: Float64Array.from(soup.positions),
      triangles: Uint32Array.from([...soup.triangles, 0, 1, 2, 1, 2, 0, 5, 5, 6]),
    });
    const { degenerate, duplicateFaces, mesh } = clean(welded);
    expect([degenerate, duplicateFaces, mesh.triangles.length / 3]).toEqual([1, 2, 12]);
  });
  test('two bodies that touch along an edge are told as such', () => {
    const [a, b] = [boxSoup(1, 1, 1), boxSoup(1, 1, 1, [1, 1, 0])];
    const both = checkMesh(
      raw([...a.positions, ...b.positions], [...a.triangles, ...b.triangles.map((i) => i + 36)]),
      'mm',
    );
    expect(both.verdict).toBe('non-manifold');
    expect(isClosed(both)).toBe(false);
  });
  test('bodies that overlap are found, bodies apart are not', () => {
    const pair = (shift: Vec) => {
      const [a, b] = [boxSoup(10, 10, 10), boxSoup(10, 10, 10, shift)];
      const { mesh } = checkMesh(
        raw([...a.positions, ...b.positions], [...a.triangles, ...b.triangles.map((i) => i + 36)]),
        'mm',
      );
      return overlaps(mesh, buildBvh(mesh)).edges;
    };
    expect(pair([5, 4, 3])).toBeGreaterThan(0);
    expect(pair([15, 0, 0])).toBe(0);
  });
});

describe('the tree', () => {
  const gear = demo('gear-head.stl').mesh;
  const small: Mesh = { positions: gear.positions, triangles: gear.triangles.slice(0, 3 * 400) };
  const bvh = buildBvh(small);
  const caster = new RayCaster(bvh);
  const finder = new NearestFinder(bvh);
  const corner = (f: number, k: number): Vec => {
    const c = 3 * small.triangles[3 * f + k]!;
    return [small.positions[c]!, small.positions[c + 1]!, small.positions[c + 2]!];
  };
  const place = fc.tuple(
    fc.double({ min: -100, max: 100, noNaN: true }),
    fc.double({ min: -80, max: 80, noNaN: true }),
    fc.double({ min: -20, max: 110, noNaN: true }),
  );
  test('a ray meets what it meets when every facet is asked', () => {
    let met = 0;
    fc.assert(
      fc.property(place, place, (from, aim) => {
        const d = unitOf(minus(aim, from));
        if (length(d) === 0) return;
        let least = Infinity;
        let doubtful = false;
        for (let f = 0; f < 400; f++) {
          const [a, b, c] = [corner(f, 0), corner(f, 1), corner(f, 2)];
          const n = cross(minus(b, a), minus(c, a));
          const t = dot(n, minus(a, from)) / dot(n, d);
          if (!(t > 0 && t < least)) continue;
          const p: Vec = [from[0] + t * d[0], from[1] + t * d[1], from[2] + t * d[2]];
          // How far inside each edge the place is, as a share of the facet: at an edge either answer is right.
          const rims = [
            [a, b],
            [b, c],
            [c, a],
          ].map(([u, v]) => dot(n, cross(minus(v!, u!), minus(p, u!))) / dot(n, n));
          if (Math.abs(Math.min(...rims)) < 1e-6) doubtful = true;
          const inside = Math.min(...rims) >= 0;
          if (inside) least = t;
        }
        if (doubtful) return;
        const got = caster.cast(...from, ...d).distance;
        if (least === Infinity) expect(got).toBe(Infinity);
        else {
          met++;
          expect(Math.abs(got - least)).toBeLessThan(1e-6);
        }
      }),
      { numRuns: 1500 },
    );
    // About 53 of them do; fewer than 20 in no run of a million.
    expect(met).toBeGreaterThan(20);
  });
  test('the nearest point is the nearest of the nearest points of all facets, sampled finely', () => {
    fc.assert(
      fc.property(place, (p) => {
        const got = { ...finder.find(...p) };
        expect(Math.hypot(got.x - p[0], got.y - p[1], got.z - p[2])).toBeCloseTo(got.distance, 9);
        for (let f = 0; f < 400; f++)
          for (const w of [
            [1, 0, 0],
            [0, 1, 0],
            [0, 0, 1],
            [0.5, 0.5, 0],
            [0, 0.5, 0.5],
            [0.5, 0, 0.5],
            [1 / 3, 1 / 3, 1 / 3],
          ]) {
            const q = [0, 1, 2].map(
              (k) => w[0]! * corner(f, 0)[k as 0] + w[1]! * corner(f, 1)[k as 0] + w[2]! * corner(f, 2)[k as 0],
            );
            expect(Math.hypot(q[0]! - p[0], q[1]! - p[1], q[2]! - p[2])).toBeGreaterThanOrEqual(got.distance - 1e-9);
          }
      }),
      { numRuns: 60 },
    );
  });
});

describe('measures', () => {
  test('parting facets changes neither volume nor area, and leaves none longer than asked', () => {
    const { mesh } = box(30, 20, 4);
    const { mesh: fine, parent } = refine(mesh, 3, 1e6);
    expect(massProperties(fine).volume_mm3).toBeCloseTo(2400, 6);
    expect(massProperties(fine).area_mm2).toBeCloseTo(massProperties(mesh).area_mm2, 6);
    expect(edgesOf(fine).boundaryEdges).toBe(0);
    expect(Math.max(...parent)).toBe(11);
    for (let s = 0; s < fine.triangles.length; s++) {
      const [a, b] = [fine.triangles[s]!, fine.triangles[s % 3 === 2 ? s - 2 : s + 1]!];
      const at = (c: number): Vec => [fine.positions[3 * c]!, fine.positions[3 * c + 1]!, fine.positions[3 * c + 2]!];
      expect(length(minus(at(a), at(b)))).toBeLessThanOrEqual(3 + 1e-9);
    }
  });
  test('a box is its own smallest box however it is turned, and its volume does not turn with it', () => {
    fc.assert(
      fc.property(side, side, side, anyAxis, fc.double({ min: 0, max: 6, noNaN: true }), (a, b, c, axis, angle) => {
        const mesh = turnedBy(box(a, b, c).mesh, axis, angle);
        const want = [a, b, c].sort((x, y) => y - x);
        smallestBox(mesh).sides_mm.forEach((s, k) => expect(Math.abs(s / want[k]! - 1)).toBeLessThan(1e-3));
        expect(Math.abs(massProperties(mesh).volume_mm3 / (a * b * c) - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 40 },
    );
  });
  test('the shadow of a box is the half sum of its facets, whichever way it is lit', () => {
    fc.assert(
      fc.property(side, side, side, anyAxis, (a, b, c, way) => {
        const { silhouette_mm2, halfSum_mm2 } = shadow(box(a, b, c).mesh, unitOf(way));
        expect(Math.abs(silhouette_mm2 / halfSum_mm2 - 1)).toBeLessThan(2e-3);
      }),
      { numRuns: 40 },
    );
  });
  test('every point lies within the hull, and every corner of it is a point', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(coordinate, coordinate, coordinate), { minLength: 5, maxLength: 60 }), (points) => {
        const faces = convexHull(points);
        for (const [a, b, c] of faces ?? []) {
          const n = cross(minus(points[b]!, points[a]!), minus(points[c]!, points[a]!));
          for (const p of points) expect(dot(n, minus(p, points[a]!))).toBeLessThanOrEqual(3e-6);
        }
      }),
    );
    expect(
      convexHull([
        [0, 0, 0],
        [1, 0, 0],
        [0, 1, 0],
        [1, 1, 0],
      ]),
    ).toBeNull();
  });
  test('the smallest rectangle holds all points and is no larger than the one along the axes', () => {
    fc.assert(
      fc.property(fc.array(coordinate, { minLength: 8, maxLength: 80 }), (xs) => {
        const points = Float64Array.from(xs.slice(0, xs.length - (xs.length % 2)));
        const { a, b } = smallestRectangle(points);
        const range = (k: number): number => {
          const list = Array.from(points).filter((_, i) => i % 2 === k);
          return Math.max(...list) - Math.min(...list);
        };
        expect(a * b).toBeLessThanOrEqual(range(0) * range(1) + 1e-9);
      }),
    );
  });
  test('directions are made of unit length, and what is none is refused', () => {
    expect(direction('d', [0, 0, 1e-200])).toEqual([0, 0, 1]);
    expect(() => direction('d', [0, 0, 0])).toThrow('E_SIGN');
    expect(() => direction('d', [0, 1])).toThrow('E_LENGTH');
    expect(() => direction('d', ['a', 1, 1])).toThrow('E_NOT_A_NUMBER');
    const { u, v } = frameOf(unitOf([1, 2, 3]));
    expect(Math.abs(dot(u, v))).toBeLessThan(1e-12);
  });
  test('a quantile by weight', () => {
    expect(quantile(Float64Array.of(3, 1, NaN, 2), Float64Array.of(1, 1, 9, 2), 0.25)).toBe(1);
    expect(quantile(Float64Array.of(3, 1, NaN, 2), Float64Array.of(1, 1, 9, 2), 0.5)).toBe(2);
    expect(quantile(Float64Array.of(NaN), Float64Array.of(1), 0.5)).toBeNaN();
  });
});

describe('a part as a foundry sees it', () => {
  const gear = demo('gear-head.stl');
  const body = readyBody(gear, 12_000);
  test('holes and bosses with their diameters, depths and ends', () => {
    const rounds = roundFeatures(gear.mesh, body.checked.edges, body.probe.bvh).features;
    const hole = rounds.find((r) => r.kind === 'hole' && Math.abs(r.diameter_mm - 72) < 0.1);
    expect(hole).toMatchObject({ through: true });
    expect(hole?.depth_mm).toBeCloseTo(88, 1);
    const shell = demo('controller-shell.stl');
    const pins = roundFeatures(shell.mesh, shell.edges, buildBvh(shell.mesh)).features.filter(
      (r) => Math.abs(r.diameter_mm - 3) < 0.05,
    );
    expect(pins).toHaveLength(4);
    for (const p of pins) {
      expect(p.through).toBe(false);
      expect(p.depth_mm).toBeCloseTo(16, 1);
    }
  });
  test('the shaft bore is one slide from the side, and the way it is drawn is across the draw', () => {
    const { undercut } = measureDraw(body, [0, 0, 1]);
    expect(undercut?.regions).toHaveLength(1);
    expect(undercut?.regions[0]?.release).toBe('slide');
    expect(Math.abs(undercut?.regions[0]?.slide?.[2] ?? 1)).toBeLessThan(1e-9);
    expect(undercut?.regions[0]?.centre_mm[1]).toBeGreaterThan(30);
    expect(partingLine(body.seen, undercut!).length).toBeGreaterThan(60);
  });
  test('turned on its head, drawn with it, everything is found again', () => {
    const turned = turnedBy(gear.mesh, [1, 2, 0.5], 1.1);
    const d = turnedBy(
      { positions: Float64Array.of(0, 0, 1), triangles: new Uint32Array() },
      [1, 2, 0.5],
      1.1,
    ).positions;
    const again = readyBody({ ...gear, mesh: turned }, 12_000);
    const [a, b] = [measureDraw(body, [0, 0, 1]), measureDraw(again, [d[0]!, d[1]!, d[2]!])];
    expect(Math.abs(b.silhouette_mm2 / a.silhouette_mm2 - 1)).toBeLessThan(2e-3);
    expect(Math.abs(b.along_mm - a.along_mm)).toBeLessThan(1e-6);
    expect(Math.abs(b.undercut!.area_mm2 / a.undercut!.area_mm2 - 1)).toBeLessThan(0.02);
    expect(b.undercut!.slides).toBe(a.undercut!.slides);
  });
  test('the best draw of the demo parts is the way they were built to open', () => {
    for (const name of ['gear-head.stl', 'filter-drawer.stl', 'tripod-hub.stl', 'controller-shell.stl']) {
      const part = demo(name);
      const { draws } = bestDraws(part.mesh, part.edges, smallestBox(part.mesh), readyBody(part, 6000).seen);
      expect(Math.abs(draws[0]!.direction[2]), name).toBeGreaterThan(0.999);
    }
    expect(drawCandidates(gear.mesh, gear.edges, smallestBox(gear.mesh)).length).toBeGreaterThan(60);
  });
  test('a place seen tells its wall, and nothing is seen beside the part', () => {
    const place = placeSeen(body, [20, -300, 50], [0, 1, 0], [0, 0, 1], true);
    expect(place?.ray_mm).toBeGreaterThan(3);
    expect(place?.ray_mm).toBeLessThan(8);
    expect(place?.draft_deg).toBeCloseTo(1, 1);
    expect(placeSeen(body, [20, -300, 500], [0, 1, 0], [0, 0, 1], true)).toBeNull();
  });
  test('an open surface gives its size and area, and no walls, undercuts or volume', () => {
    const open = checkMesh(raw(boxSoup(10, 10, 10).positions, boxSoup(10, 10, 10).triangles.slice(6)), 'mm');
    expect(open.verdict).toBe('open');
    const found = measureBody(readyBody(open, 500));
    expect(found.whole.volume_mm3).toBeNull();
    expect(found.whole.area_mm2).toBeCloseTo(500, 9);
    expect([found.walls, found.draws.length]).toEqual([null, 0]);
    expect(boxAlong(open.mesh, [0, 0, 1]).along_mm).toBe(10);
  });
});

test('a needle ten kilometres long is measured like anything else, in no more time', () => {
  const corners = [0, 0, 0, -6.7, 138.2, -29.3, 113.5, 82.1, 19.6, 1.5, 94.7, 10_469_497];
  const needle = checkMesh(raw(corners, [0, 1, 2, 0, 3, 1, 0, 2, 3, 1, 3, 2]), 'mm');
  const start = performance.now();
  const found = measureBody(readyBody(needle, 200));
  expect(found.whole.volume_mm3).toBeGreaterThan(0);
  expect(found.heavy.length).toBeGreaterThan(0);
  expect(performance.now() - start).toBeLessThan(10_000);
});
