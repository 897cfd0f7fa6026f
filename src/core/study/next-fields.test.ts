import { expect, test } from 'vitest';
import { bracket, briefOf } from '../testing/demo-briefs';
import { nextFields } from './next-fields';
import { prepareStudy } from './study';

test('of an empty brief what any comparison needs comes first', () => {
  const next = nextFields(prepareStudy(briefOf({ title: 'Empty' })));
  const needed = next.filter((f) => f.kind === 'needed').map((f) => f.path);
  expect(needed).toContain('alloy');
  expect(needed).toContain('geometry.volume_cm3');
  expect(next.slice(0, needed.length).map((f) => f.path)).toEqual(needed);
});

test('an unknown wall waits on every variant that has a limit of it, and is gone once it is said', () => {
  const brief = bracket();
  const open = nextFields(prepareStudy({ ...brief, geometry: { ...brief.geometry, wallMin_mm: null } }));
  const wall = open.find((f) => f.path === 'geometry.wallMin_mm');
  expect(wall?.kind).toBe('judged');
  expect(wall?.variants).toBeGreaterThan(10);
  expect(wall?.rules.length).toBeGreaterThan(0);
  expect(nextFields(prepareStudy(brief)).map((f) => f.path)).not.toContain('geometry.wallMin_mm');
});

test('what more variants wait for comes before what fewer do, and estimates come last', () => {
  const brief = bracket();
  const { wallMin_mm: _wall, projected_cm2: _area, ...known } = brief.geometry;
  const next = nextFields(
    prepareStudy({ ...brief, geometry: { ...known, wallMin_mm: null, projected_cm2: null, area_cm2: null } }),
  );
  const judged = next.filter((f) => f.kind === 'judged').map((f) => f.variants);
  expect(judged.toSorted((a, b) => b - a)).toEqual(judged);
  expect(next.at(-1)).toMatchObject({ path: 'geometry.area_cm2', kind: 'estimated' });
});
