import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readMeshFile, type RawMesh } from '../readers';
import { checkMesh, measureBody, measureWhole, repairedMesh, readyBody } from '.';

const FOLDER = join(import.meta.dirname, '../../../../public/worked-cases/meshes');
const file = (name: string): RawMesh => readMeshFile(name, readFileSync(join(FOLDER, name)));
const raw = (positions: number[], triangles: number[]): RawMesh => ({
  ...file('cube-40-ascii.stl'),
  positions: Float64Array.from(positions),
  triangles: Uint32Array.from(triangles),
});
/** A block with its lower corner somewhere, wound outward. */
const BOX = [
  0, 2, 1, 1, 2, 3, 4, 5, 6, 5, 7, 6, 0, 1, 4, 1, 5, 4, 2, 6, 3, 3, 6, 7, 0, 4, 2, 2, 4, 6, 1, 3, 5, 3, 7, 5,
];
const box = (at: readonly number[], size: readonly number[]): number[] =>
  Array.from({ length: 8 }, (_, i) => [0, 1, 2].map((k) => at[k]! + size[k]! * ((i >> k) & 1))).flat();
const without = (mesh: RawMesh, gone: readonly number[]): RawMesh => ({
  ...mesh,
  triangles: mesh.triangles.filter((_, i) => !gone.includes(Math.floor(i / 3))),
});

describe('small flat holes are filled', () => {
  const cylinder = file('cylinder-d20-h50-n64.obj');
  const whole = measureWhole(checkMesh(cylinder, 'mm'));
  test('facets taken out of a face come back, wherever they are missing', () => {
    const facets = cylinder.triangles.length / 3;
    let filled = 0;
    fc.assert(
      fc.property(fc.array(fc.nat(facets - 1), { minLength: 1, maxLength: 3 }), (gone) => {
        const broken = checkMesh(without(cylinder, gone), 'mm');
        expect(broken.verdict).toBe('open');
        const made = repairedMesh(broken);
        if (made === null) return;
        filled++;
        expect(made.repair).toBe('holes-filled');
        const again = measureWhole(made.checked);
        // Two missing neighbours on the round side come back with the other diagonal: hardly another volume.
        expect(again.volume_mm3! / whole.volume_mm3!).toBeCloseTo(1, 2);
        expect(made.filled_mm2 / whole.area_mm2).toBeLessThan(0.03);
      }),
      { seed: 4, numRuns: 60 },
    );
    expect(filled).toBeGreaterThan(20);
  });
  test('a hole of a fifth of the surface is left to whoever drew it', () => {
    expect(repairedMesh(checkMesh(file('open-box.stl'), 'mm'))).toBeNull();
  });
  test('a missing ring is one hole with an island', () => {
    // A tall tube without the ring at its upper end: inside 2 wide, outside 3, 200 high.
    const [outer, inner] = [box([0, 0, 0], [3, 3, 200]), box([0.5, 0.5, 0], [2, 2, 200])];
    const walls = (from: number, turned: boolean): number[] =>
      BOX.slice(12)
        .flatMap((_, i, all) => (i % 3 === 0 ? [all[i]!, all[i + (turned ? 2 : 1)]!, all[i + (turned ? 1 : 2)]!] : []))
        .map((c) => c + from);
    const foot = [0, 9, 1, 0, 8, 9, 1, 11, 3, 1, 9, 11, 3, 10, 2, 3, 11, 10, 2, 8, 0, 2, 10, 8];
    const made = repairedMesh(
      checkMesh(raw([...outer, ...inner], [...walls(0, false), ...walls(8, true), ...foot]), 'mm'),
    );
    expect(made).toMatchObject({ pieces: 1 });
    expect(made?.filled_mm2).toBeCloseTo(5, 9);
    expect(measureWhole(made!.checked).volume_mm3).toBeCloseTo(1000, 6);
  });
  test('a loop that leaves its plane is not filled', () => {
    const facets = cylinder.triangles.length / 3;
    // Every facet that touches a corner of the rim: the loop runs over the end and the side.
    const corner = cylinder.triangles[0]!;
    const gone = Array.from({ length: facets }, (_, f) => f).filter((f) =>
      cylinder.triangles.subarray(3 * f, 3 * f + 3).includes(corner),
    );
    const made = repairedMesh(checkMesh(without(cylinder, gone), 'mm'));
    if (made !== null) expect(made.checked.verdict).toBe('solid');
    expect(gone.length).toBeGreaterThan(2);
    expect(made).toBeNull();
  });
});

describe('bodies that touch along an edge are parted', () => {
  const two = raw(
    [...box([0, 0, 0], [10, 10, 10]), ...box([10, 10, 0], [4, 5, 10])],
    [...BOX, ...BOX.map((c) => c + 8)],
  );
  test('two blocks that share an edge are two bodies with both their volumes', () => {
    const checked = checkMesh(two, 'mm');
    expect(checked.verdict).toBe('non-manifold');
    const made = repairedMesh(checked);
    expect(made).toMatchObject({ repair: 'bodies-parted', pieces: 2, filled_mm2: 0 });
    expect(made!.checked.verdict).toBe('solid');
    const whole = measureWhole(made!.checked);
    expect(whole.volume_mm3).toBeCloseTo(1200, 9);
    expect(whole.shells.map((s) => Math.round(s.volume_mm3)).sort((a, b) => a - b)).toEqual([200, 1000]);
    expect(measureBody(readyBody(made!.checked, 400)).overlapEdges).toBe(0);
  });
  test('a leaf that hangs on an edge is not parted from it', () => {
    const leaf = raw([...box([0, 0, 0], [10, 10, 10]), 20, 0, 0, 20, 0, 10], [...BOX, 1, 8, 5, 8, 9, 5]);
    const checked = checkMesh(leaf, 'mm');
    expect(repairedMesh(checked)).toBeNull();
  });
  test('facets wound against each other around the edge are left alone', () => {
    const turned = {
      ...two,
      triangles: two.triangles.map((c, i, all) => (i < 36 || i % 3 === 0 ? c : all[i + (i % 3 === 1 ? 1 : -1)]!)),
    };
    expect(repairedMesh(checkMesh(turned, 'mm'))).toBeNull();
  });
});
