import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { CoreError } from '../../base/errors';
import { lengthUnit, readMeshFile } from '../readers';
import {
  axisBox,
  checkMesh,
  closedMesh,
  draftFound,
  heavyPlaces,
  massProperties,
  measureBody,
  readyBody,
  shadow,
  smallestBox,
  undercuts,
  walls,
} from '.';

const FOLDER = join(import.meta.dirname, '../../../../public/worked-cases/meshes');

interface Entry {
  readonly file: string;
  readonly unit: string;
  readonly verdict?: string;
  readonly error?: string;
  readonly volumeError?: string;
  readonly triangles?: number;
  readonly vertices?: number;
  readonly euler?: number;
  readonly components?: number;
  readonly boundaryEdges?: number;
  readonly inconsistentEdges?: number;
  readonly volume_mm3?: number;
  readonly repairedVolume_mm3?: number;
  readonly area_mm2?: number;
  readonly centroid_mm?: readonly number[];
  readonly bboxSize_mm?: readonly number[];
  readonly wall_mm?: number;
  readonly largestSphere_mm?: number;
  readonly silhouette_mm2?: Readonly<Record<string, number>>;
  readonly halfSum_mm2?: Readonly<Record<string, number>>;
  readonly undercut?: Readonly<
    Record<string, { area_mm2: number; regions: number; slides: number; cores: number; closedVoids: number }>
  >;
  readonly obb?: { readonly sides_mm: readonly number[] };
  readonly draft?: { readonly sideDraft_deg: number; readonly sideArea_mm2: number };
}

const { meshes } = JSON.parse(readFileSync(join(FOLDER, 'index.json'), 'utf8')) as { meshes: Entry[] };
const AXES = { x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] } as const;
const read = (m: Entry) => checkMesh(readMeshFile(m.file, readFileSync(join(FOLDER, m.file))), lengthUnit(m.unit));
/** Within a thousandth, as exact shapes must measure. */
const near = (got: number, want: number, share = 1e-3): void =>
  expect(Math.abs(got - want)).toBeLessThanOrEqual(share * Math.max(Math.abs(want), 1e-6));

describe.each(meshes.map((m) => [m.file, m] as const))('%s', (_, m) => {
  if (m.error !== undefined) {
    test('is refused as it should be', () => {
      expect(() => read(m)).toThrow(CoreError);
      expect(() => read(m)).toThrow(m.error);
    });
    return;
  }
  const checked = read(m);
  test('counts and verdict', () => {
    expect(checked.verdict).toBe(m.verdict);
    for (const key of ['triangles', 'vertices', 'euler', 'components', 'boundaryEdges', 'inconsistentEdges'] as const)
      if (m[key] !== undefined) expect(checked.counts[key], key).toBe(m[key]);
    if (m.volumeError !== undefined) expect(() => closedMesh(checked)).toThrow(m.volumeError);
  });
  test('volume, area, centre and box', () => {
    const { volume_mm3, area_mm2, centroid_mm } = massProperties(checked.mesh);
    const volume = m.volume_mm3 ?? m.repairedVolume_mm3;
    if (volume !== undefined) near(volume_mm3, volume, 1e-5);
    if (m.area_mm2 !== undefined) near(area_mm2, m.area_mm2, 1e-5);
    m.centroid_mm?.forEach((c, k) => expect(Math.abs(centroid_mm[k as 0] - c)).toBeLessThan(1e-3));
    m.bboxSize_mm?.forEach((c, k) => near(axisBox(checked.mesh)[k as 0], c, 1e-5));
    if (m.obb !== undefined) smallestBox(checked.mesh).sides_mm.forEach((s, k) => near(s, m.obb?.sides_mm[k] ?? 0));
  });
  test('shadows', () => {
    for (const [axis, want] of Object.entries(m.silhouette_mm2 ?? {}))
      near(shadow(checked.mesh, AXES[axis as 'x']).silhouette_mm2, want);
    for (const [axis, want] of Object.entries(m.halfSum_mm2 ?? {}))
      near(shadow(checked.mesh, AXES[axis as 'x']).halfSum_mm2, want, 1e-6);
  });
  test('draft, undercuts and walls', () => {
    if (m.draft !== undefined) {
      const found = draftFound(checked.mesh, AXES.z, m.draft.sideDraft_deg + 1);
      near(found.least_deg, m.draft.sideDraft_deg, 1e-6);
      near(found.under_mm2, m.draft.sideArea_mm2, 1e-6);
    }
    for (const [axis, want] of Object.entries(m.undercut ?? {})) {
      const found = undercuts(readyBody(checked, 20_000).seen, AXES[axis as 'x']);
      expect(Math.abs(found.area_mm2 - want.area_mm2)).toBeLessThanOrEqual(0.02 * want.area_mm2);
      expect([found.regions.length, found.slides, found.cores, found.closedVoids]).toEqual([
        want.regions,
        want.slides,
        want.cores,
        want.closedVoids,
      ]);
    }
    if (m.wall_mm === undefined) return;
    const body = readyBody(checked, 10_000);
    near(measureBody(body).walls?.thinnest_mm ?? 0, m.wall_mm);
    if (m.largestSphere_mm !== undefined) {
      const found = walls(body.fine, body);
      near(heavyPlaces(body.fine, body, found)[0]?.diameter_mm ?? 0, m.largestSphere_mm);
    }
  });
});
