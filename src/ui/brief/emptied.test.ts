import { expect, test } from 'vitest';
import { inspectBrief } from '@/core/brief';
import { BRACKET } from '@/core/testing/demo-briefs';
import { withoutEmptied } from './emptied';

test('emptied optional figures are left out and the brief can be read; what must be known stays null', () => {
  const values = {
    ...BRACKET,
    geometry: { ...BRACKET.geometry, wallMin_mm: null },
    features: [{ id: 'f1', name: 'bore', nominal_mm: 30, tol_mm: 0.5, depth_mm: null, count: 2, Ra_um: null }],
    holes: [{ dia_mm: 8, depth_mm: 20, tol_mm: null }],
    today: { joints: { weld: null, bolt: 3 } },
    bends: null,
    machiningSetups: 2,
  };
  const kept = structuredClone(values);
  const { brief, issues } = inspectBrief(withoutEmptied(values));
  expect(issues).toEqual([]);
  expect(values).toEqual(kept);
  expect(brief?.today.joints).toEqual({ bolt: 3 });
  expect(brief?.geometry.wallMin_mm).toBeNull();
  expect(brief?.machiningSetups).toBe(2);
  expect(brief).not.toHaveProperty('bends');
  expect(brief?.features[0]).toMatchObject({ count: 2 });
  expect(brief?.features[0]).not.toHaveProperty('depth_mm');
});

test('a figure that must be there is still missed when it is emptied', () => {
  const { issues } = inspectBrief(withoutEmptied({ ...BRACKET, holes: [{ dia_mm: null, depth_mm: 20 }] }));
  expect(issues.map((i) => i.path)).toEqual(['holes.0.dia_mm']);
});

test('values of any other shape pass through', () => {
  expect(withoutEmptied({ features: 'none', today: null, holes: [null, 3] })).toEqual({
    features: 'none',
    today: null,
    holes: [null, 3],
  });
});

test('holders that say nothing, or not enough, are left out; what is said stays', () => {
  const empty = {
    needs: { grain: null, coating: null, coated: true },
    cores: { maker: undefined },
    tool: { state: 'owned', variant: null, lifeLeft: 40 },
    toolOption: { variant: 'gravity-die/hand', id: undefined },
    today: { parts: 3, partKinds: { turned: null, stamped: undefined }, joints: {} },
  };
  expect(withoutEmptied(empty)).toEqual({ needs: { coated: true }, today: { parts: 3, joints: {} } });
  const said = {
    cores: { maker: 'bought' },
    tool: { state: 'owned', variant: 'gravity-die/hand', lifeLeft: null },
    today: { parts: 3, partKinds: { turned: 1, stamped: null }, joints: {} },
  };
  expect(withoutEmptied(said)).toEqual({
    cores: { maker: 'bought' },
    tool: { state: 'owned', variant: 'gravity-die/hand' },
    today: { parts: 3, partKinds: { turned: 1 }, joints: {} },
  });
});
