import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import measured from '../../../server/demo/parts/measured.json';
import { modelSchema, type Brief } from '../../brief';
import { checkMesh, measureBody, measureDraw, readyBody } from '../geometry';
import { readMeshFile, type RawMesh } from '../readers';
import { briefOf } from '../../testing/demo-briefs';
import {
  hasPartWorking,
  MEASURED_FIELDS,
  measuredGeometry,
  originOf,
  partWorking,
  withMeasures,
  withoutModel,
  type PartFacts,
  type PartFigure,
} from '.';
import { recompute } from '../../testing/recompute';

const model = modelSchema.parse({ file: 'f', ...measured['tripod-hub'] });
const empty = briefOf({ title: 'New part' });

describe('a model fills a brief', () => {
  test('what was not known is filled, and is told as measured', () => {
    const filled = withMeasures(empty, model);
    expect(filled.geometry).toMatchObject(model.measured);
    for (const field of MEASURED_FIELDS) expect(originOf(filled, field)).toBe('measured');
    expect(empty.model).toBeNull();
  });
  test('what was typed stays, is told as typed over, and can be given up for the measured', () => {
    const typed: Brief = { ...empty, geometry: { ...empty.geometry, wallMin_mm: 3.3 } };
    const filled = withMeasures(typed, model);
    expect(filled.geometry.wallMin_mm).toBe(3.3);
    expect(originOf(filled, 'wallMin_mm')).toBe('overridden');
    expect(originOf(withMeasures(filled, model, ['wallMin_mm']), 'wallMin_mm')).toBe('measured');
  });
  test('another measure replaces what was measured, and what it does not know is left empty again', () => {
    const filled = withMeasures(empty, model);
    const next = { ...model, measured: { ...model.measured, undercuts: 2, volume_cm3: null } };
    const turned = withMeasures(filled, next);
    expect(turned.geometry.undercuts).toBe(2);
    expect(turned.geometry.volume_cm3).toBeNull();
    expect(originOf(turned, 'volume_cm3')).toBe('unknown');
  });
  test('parted from its file, its values count as typed; the brief works without any file', () => {
    const parted = withoutModel(withMeasures(empty, model));
    expect(originOf(parted, 'volume_cm3')).toBe('typed');
    expect(originOf(empty, 'volume_cm3')).toBe('unknown');
  });
  test('a default that the measure replaces is no default any more', () => {
    const assumed: Brief = { ...empty, assumed: ['geometry.undercuts', 'quantity.lot'] };
    expect(withMeasures(assumed, model).assumed).toEqual(['quantity.lot']);
  });
});

describe('what cannot be trusted is not filled in', () => {
  const read = (raw: RawMesh) => {
    const checked = checkMesh(raw, 'mm');
    const body = readyBody(checked, 800);
    return measuredGeometry(checked, measureBody(body), measureDraw(body, [0, 0, 1]));
  };
  const file = (name: string) =>
    readMeshFile(name, readFileSync(join(import.meta.dirname, '../../../../public/worked-cases/meshes', name)));
  test('an open surface: no volume, walls, undercuts; its box and area stand', () => {
    const got = read(file('open-box.stl'));
    expect(got).toMatchObject({
      volume_cm3: null,
      wallMin_mm: null,
      undercuts: null,
      passages: null,
      coredHoles: null,
    });
    expect(got.area_cm2).toBe(80);
    expect(got.box_mm?.map(Math.round)).toEqual([40, 40, 40]);
  });
  test('a surface that passes through itself: no volume and no area', () => {
    const cube = file('cube-40-ascii.stl');
    const shifted = cube.positions.map((x, i) => x + [11, 7, 5][i % 3]!);
    const both: RawMesh = {
      ...cube,
      positions: Float64Array.from([...cube.positions, ...shifted]),
      triangles: Uint32Array.from([...cube.triangles, ...cube.triangles.map((c) => c + cube.positions.length / 3)]),
    };
    expect(read(both)).toMatchObject({ volume_cm3: null, area_cm2: null, wallMin_mm: null });
  });
});

test('demo files, measured again, say what is shipped', () => {
  for (const [id, shipped] of Object.entries(measured)) {
    if (!['gimbal-ring'].includes(id)) continue;
    const path = join(import.meta.dirname, '../../../server/demo/parts', shipped.name);
    const checked = checkMesh(readMeshFile(shipped.name, readFileSync(path)), 'mm');
    const body = readyBody(checked);
    expect(measuredGeometry(checked, measureBody(body), measureDraw(body, [0, 0, 1])), id).toEqual(shipped.measured);
  }
});

describe('every figure of a part has a working that comes to it', () => {
  const PARTS = join(import.meta.dirname, '../../../server/demo/parts');
  const FIGURES: readonly PartFigure[] = [...MEASURED_FIELDS, 'mass', 'modulus', 'ratio', 'smallestBox', 'trapped'];
  const factsOf = (path: string, d: readonly [number, number, number]): PartFacts => {
    const checked = checkMesh(readMeshFile(path, readFileSync(path)), 'mm');
    const body = readyBody(checked, 3000);
    const all = measureBody(body);
    const draw = measureDraw(body, d);
    return {
      facets: checked.counts.triangles,
      body: all,
      draw: { ...draw, geometry: measuredGeometry(checked, all, draw), resolution_mm: body.fine.resolution_mm },
      alloy: { id: 'al-a356', name: 'A356', density_kg_m3: 2680 },
    };
  };
  test.each([
    ['gear-head.stl', [0, 1, 0]],
    ['tripod-hub.stl', [0, 0, 1]],
  ] as const)('%s along %j', (name, d) => {
    const facts = factsOf(join(PARTS, name), d);
    for (const figure of FIGURES) {
      const w = partWorking(figure, facts);
      expect(recompute(w), figure).toBeCloseTo(w.value, 9);
      for (const s of w.symbols) expect(s.unit, `${figure} ${s.symbol}`).not.toBe('');
      const listed = (MEASURED_FIELDS as readonly string[]).includes(figure) && figure !== 'box_mm';
      // The brief takes the same figure, rounded.
      if (listed) expect(w.value / (facts.draw.geometry[figure as 'volume_cm3'] ?? NaN) || 1).toBeCloseTo(1, 2);
    }
  });
  test('what an open surface does not tell is refused, the rest stands', () => {
    const facts = factsOf(join(import.meta.dirname, '../../../../public/worked-cases/meshes/open-box.stl'), [0, 0, 1]);
    const left = FIGURES.filter((figure) => hasPartWorking(figure, facts));
    expect(left).toEqual(['area_cm2', 'box_mm', 'projected_cm2', 'smallestBox']);
    expect(() => partWorking('volume_cm3', facts)).toThrow('E_NO_VALUE');
  });
});
