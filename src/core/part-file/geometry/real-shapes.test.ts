import { describe, expect, test } from 'vitest';
import { measuredGeometry } from '../measured';
import { MAKERS, realShape, turning, type RealShape } from '../../testing/real-shapes.mjs';
import { checkMesh, measureBody, measureDraw, readyBody, lightOf, walls, type Vec } from '.';
import { bendsOutward } from './convex';
import { convexHull } from './hull';
import { nestedBodies } from './nested';
import { dot } from './vector';

const FACETS = 8000;
const NAMES = Object.keys(MAKERS);

const checkedOf = ({ positions, triangles }: Pick<RealShape, 'positions' | 'triangles'>) =>
  checkMesh({ positions, triangles, unit: 'mm', warnings: [] }, 'mm');

function measured(shape: RealShape) {
  const body = readyBody(checkedOf(shape), FACETS);
  const found = measureBody(body);
  const draw = measureDraw(body, found.draws[0]?.direction ?? [0, 0, 1]);
  return { body, found, draw, brief: measuredGeometry(body.checked, found, draw) };
}
type Measured = ReturnType<typeof measured>;

const known = new Map<string, Promise<Measured>>();
/** A shape measured once for all tests. */
function of(name: string, askew = false, fineness = 40): Promise<Measured> {
  const key = `${name} ${askew} ${fineness}`;
  const made = known.get(key) ?? realShape(name, fineness, askew).then(measured);
  known.set(key, made);
  return made;
}
const near = (got: number, want: number, share: number): void =>
  expect(Math.abs(got / want - 1), `${got} against ${want}`).toBeLessThan(share);

describe.each(NAMES)('%s', (name) => {
  test('is closed, and measures the same however it lies', async () => {
    const [straight, askew] = [await of(name), await of(name, true)];
    expect(straight.body.checked.verdict).toBe('solid');
    expect(askew.body.checked.verdict).toBe('solid');
    near(askew.found.whole.volume_mm3!, straight.found.whole.volume_mm3!, 1e-5);
    near(askew.found.whole.area_mm2, straight.found.whole.area_mm2, 1e-5);
    near(askew.found.smallestBox!.volume_mm3, straight.found.smallestBox!.volume_mm3, 0.02);
    near(askew.found.walls!.thickest_mm, straight.found.walls!.thickest_mm, 0.01);
    // The wall of one per cent of a surface that is cut by an edge sways by its sampling.
    near(askew.brief.wallMin_mm!, straight.brief.wallMin_mm!, 0.03);
    expect(askew.found.rounds.map((r) => r.kind).sort()).toEqual(straight.found.rounds.map((r) => r.kind).sort());
    expect(askew.brief.coredHoles).toBe(straight.brief.coredHoles);
  });
  test('the draw shown is the draw counted, and its undercuts turn with the part', async () => {
    const [straight, askew] = [await of(name), await of(name, true)];
    for (const { found, draw } of [straight, askew]) {
      const first = found.draws[0]!;
      expect([first.undercut_mm2, first.slides, first.cores]).toEqual([
        draw.undercut!.area_mm2,
        draw.undercut!.slides,
        draw.undercut!.cores,
      ]);
    }
    const turn = turning([0.3, -0.7, 0.648], 0.7371);
    const d = straight.found.draws[0]!.direction;
    const same = measureDraw(askew.body, turn(d)).undercut!;
    const was = straight.draw.undercut!;
    expect(Math.abs(same.area_mm2 - was.area_mm2)).toBeLessThan(
      0.02 * was.area_mm2 + 2e-3 * straight.found.whole.area_mm2,
    );
    // A coil is freed by slides or by cores as its facets happen to fall.
    if (name === 'spring') return;
    const pieces = (u: typeof was): number => u.slides + u.cores;
    expect(Math.abs(pieces(same) - pieces(was))).toBeLessThanOrEqual(Math.max(1, 0.2 * pieces(was)));
  });
});

describe('what was found in real parts', () => {
  test('a thin fin of a small share of the surface is what fills the brief, with its place', async () => {
    const { found, brief } = await of('thin fin');
    expect(found.walls?.thinnest_mm).toBeCloseTo(100, 3);
    expect(found.walls?.thin).toMatchObject({ wall_mm: 1 });
    expect(found.walls!.thin!.share).toBeLessThan(0.004);
    expect(found.walls!.thin!.centre_mm[2]).toBeGreaterThan(50);
    expect(brief.wallMin_mm).toBe(1);
  });
  test('parts without a thin feature have none', async () => {
    for (const name of ['cube', 'cylinder', 'sphere', 'torus', 'plate of 200 holes'])
      expect((await of(name)).found.walls!.thin, name).toBeNull();
  });
  test('a ball is as thick as it is everywhere, a bar is no lump, and a rim is one place', async () => {
    const ball = await of('sphere', true);
    const spheres = [...ball.found.found!.sphere].sort((a, b) => a - b);
    for (const share of [0.05, 0.5, 0.95]) near(spheres[Math.floor(share * spheres.length)]!, 50, 0.02);
    expect(ball.found.heavy).toHaveLength(1);
    expect((await of('cylinder')).found.heavy.map((h) => h.isolated)).toEqual([false]);
    const [ring, ...others] = (await of('torus')).found.heavy;
    expect(others).toHaveLength(0);
    near(ring!.diameter_mm, 24, 0.02);
    expect(ring!.along_mm).toBeGreaterThan(100);
  });
  test('holes with steps, countersinks, rounded rims and crossing bores are each one hole', async () => {
    const holes = (m: Measured): [string, number][] =>
      m.found.rounds.filter((r) => r.kind === 'hole').map((r) => [r.diameter_mm.toFixed(0), r.steps]);
    for (const askew of [false, true])
      expect(holes(await of('stepped and countersunk holes', askew, 64))).toEqual([
        ['10', 1],
        ['10', 1],
        ['8', 2],
        ['6', 1],
      ]);
    expect(holes(await of('ring with fillets', true))).toEqual([['40', 1]]);
    expect((await of('plate of 200 holes', true)).brief.coredHoles).toBe(200);
    expect((await of('flanged hub', true)).brief.coredHoles).toBe(9);
  });
  test('regions that one direction frees share a slide', async () => {
    const { found, draw } = await of('cored housing');
    const { regions, slides } = draw.undercut!;
    const freed = regions.filter((r) => r.release === 'slide');
    const ways = freed.reduce<Vec[]>(
      (all, r) => (all.some((w) => dot(w, r.slide!) > 1 - 1e-9) ? all : [...all, r.slide!]),
      [],
    );
    expect(slides).toBeGreaterThanOrEqual(ways.length);
    expect(slides).toBeLessThanOrEqual(ways.length + 2 * regions.filter((r) => r.release === 'two-slides').length);
    expect(found.draws.every((d) => d.slides === null || d.slides < 60)).toBe(true);
  });
  test('a body within the metal of another is told, one within its hollow is none', async () => {
    const [outer, inner] = [await realShape('sphere', 24), await realShape('sphere', 16)];
    const at = (s: RealShape, size: number, turnedIn = false): RealShape => ({
      ...s,
      positions: s.positions.map((x) => x * size),
      triangles: turnedIn
        ? s.triangles.map((_, i) => s.triangles[i % 3 === 1 ? i + 1 : i % 3 === 2 ? i - 1 : i]!)
        : s.triangles,
    });
    const together = (...list: RealShape[]) => {
      const positions = list.flatMap((s) => [...s.positions]);
      let from = 0;
      const triangles = list.flatMap((s) => {
        const moved = [...s.triangles].map((c) => c + from);
        from += s.positions.length / 3;
        return moved;
      });
      return checkedOf({ positions: Float64Array.from(positions), triangles: Uint32Array.from(triangles) });
    };
    expect(nestedBodies(together(outer, at(inner, 0.5)))).toBe(1);
    expect(nestedBodies(together(outer, at(outer, 0.8, true), at(inner, 0.5)))).toBe(0);
    const body = readyBody(together(outer, at(inner, 0.5)), 2000);
    const found = measureBody(body);
    expect(found.whole.nested).toBe(1);
    expect(measuredGeometry(body.checked, found, measureDraw(body, [0, 0, 1])).volume_cm3).toBeNull();
  });
});

describe('no search grows without bound', () => {
  test('the hull of corners that a file has rounded is sound: faces = 2 x corners - 4', async () => {
    for (const name of NAMES)
      for (const askew of [false, true]) {
        const { positions } = await realShape(name, 24, askew);
        const points = Array.from({ length: Math.min(1500, positions.length / 3) }, (_, i): Vec => [
          positions[3 * i]!,
          positions[3 * i + 1]!,
          positions[3 * i + 2]!,
        ]);
        const faces = convexHull(points);
        expect(faces, name).not.toBeNull();
        expect(faces!.length).toBe(2 * new Set(faces!.flat()).size - 4);
      }
  });
  test('a finer file of the same part takes little longer, and says the same', async () => {
    const coarse = await realShape('flanged hub', 48, true);
    const fine = await realShape('flanged hub', 1600, true);
    const timed = async (s: RealShape): Promise<[number, ReturnType<typeof measureBody>]> => {
      const checked = checkedOf(s);
      const light = await lightOf(checked.mesh);
      const start = process.cpuUsage();
      const found = measureBody(readyBody(checked, undefined, light));
      const { user, system } = process.cpuUsage(start);
      return [user + system, found];
    };
    await timed(coarse);
    const [few, a] = await timed(coarse);
    const [many, b] = await timed(fine);
    expect(fine.triangles.length).toBeGreaterThan(25 * coarse.triangles.length);
    expect(many / few).toBeLessThan(12);
    near(b.walls!.thickest_mm, a.walls!.thickest_mm, 0.01);
    near(b.walls!.thinnest_mm, a.walls!.thinnest_mm, 0.03);
    expect(b.rounds.filter((r) => r.kind === 'hole').map((r) => r.diameter_mm.toFixed(1))).toEqual(
      a.rounds.filter((r) => r.kind === 'hole').map((r) => r.diameter_mm.toFixed(1)),
    );
  });
  test('asked to end, a search answers with what it has and tells what it left', async () => {
    const shape = await realShape('helical gear', 48);
    const body = readyBody(checkedOf(shape), FACETS);
    let asked = 0;
    const found = measureBody(body, { progress: () => undefined, over: () => ++asked > 12 });
    expect(found.draws.length).toBeGreaterThan(0);
    expect(found.cuts.map((c) => c.what)).toContain('places measured');
    for (const { done, of: all } of found.cuts) expect(done).toBeLessThan(all);
    expect(walls(body.fine, body, { progress: () => undefined, over: () => false }).cut).toBeNull();
  });
});

test.each(['cube', 'sphere'])(
  'the metal near the middle of a %s is the whole of it: its modulus is volume over area',
  async (name) => {
    for (const askew of [false, true]) {
      const { found } = await of(name, askew);
      near(found.heavy[0]!.localModulus_mm, found.whole.modulus_mm!, 0.02);
    }
  },
);

describe('bodies that bend outward everywhere', () => {
  const CONVEX = ['cube', 'cylinder', 'sphere'];
  const bends = async (name: string, askew: boolean): Promise<boolean> => {
    const { body } = await of(name, askew);
    return bendsOutward(body.mesh, body.checked.edges, body.probe.bvh.diagonal);
  };
  test.each(NAMES)('%s: told by its edges', async (name) => {
    for (const askew of [false, true]) expect(await bends(name, askew)).toBe(CONVEX.includes(name));
  });
  test.each(CONVEX)('%s: traps nothing along any draw, looked at place by place', async (name) => {
    const { body, found } = await of(name, true);
    for (const draw of found.draws) expect(draw.undercut_mm2).toBe(0);
    for (const draw of found.draws.filter((_, i) => i % 9 === 0))
      expect(measureDraw(body, draw.direction).undercut!.area_mm2).toBe(0);
  });
});
