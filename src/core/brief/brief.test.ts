import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { bracket, briefOf } from '../testing/demo-briefs';
import { lifetimeQuantity, lotSize, parseBrief } from '.';

test('every demo part is a brief without a stray key', () => {
  for (const part of QUILLMERE_PARTS) expect(parseBrief(part)).toMatchObject({ ok: true, notes: [] });
});

test('unknown keys are ignored with a note, wherever they stand', () => {
  const result = parseBrief({ title: 'x', colour: 'red', geometry: { volume_cm3: 1, weight: 3 } });
  expect(result.ok && [...result.notes].sort()).toEqual([
    expect.stringContaining('colour'),
    expect.stringContaining('geometry.weight'),
  ]);
});

describe('what is wrong is named by path and value', () => {
  test.each([
    [{}, 'title'],
    [{ title: 'x', alloy: 'unobtainium' }, 'alloy'],
    [{ title: 'x', geometry: { volume_cm3: -2 } }, 'geometry.volume_cm3'],
    [{ title: 'x', geometry: { volume_cm3: '12' } }, 'geometry.volume_cm3'],
    [{ title: 'x', geometry: { box_mm: [10, 10] } }, 'geometry.box_mm'],
    [{ title: 'x', geometry: { box_mm: [10, 'a', 10] } }, 'geometry.box_mm.1'],
    [{ title: 'x', geometry: { wallMin_mm: 9, sectionMax_mm: 3 } }, 'geometry.wallMin_mm'],
    [{ title: 'x', geometry: { volume_cm3: 100, box_mm: [10, 10, 10] } }, 'geometry.volume_cm3'],
    [{ title: 'x', geometry: { volume_cm3: 100, area_cm2: 20 } }, 'geometry.area_cm2'],
    [{ title: 'x', quantity: { firstDelivery: '2027-02-30' } }, 'quantity.firstDelivery'],
    [{ title: 'x', quantity: { demand: [5, 3, 9] } }, 'quantity.demand'],
    [{ title: 'x', features: [{ id: 'a', nominal_mm: 1, tol_mm: 3 }] }, 'features.0.tol_mm'],
    [
      {
        title: 'x',
        features: [
          { id: 'a', nominal_mm: 9, tol_mm: 1 },
          { id: 'a', nominal_mm: 9, tol_mm: 1 },
        ],
      },
      'features.1.id',
    ],
    [{ title: 'x', holes: [{ dia_mm: 0, depth_mm: 3 }] }, 'holes.0.dia_mm'],
  ])('%j → %s', (raw, path) => {
    const result = parseBrief(raw);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.issues.map((i) => i.path)).toContain(path);
  });
});

test('missing figures are not known, never zero', () => {
  const brief = briefOf({ title: 'x' });
  expect(brief.geometry.wallMin_mm).toBeNull();
  expect(brief.geometry.undercuts).toBeNull();
  expect(brief.needs.pressureTight).toBeNull();
  expect(lifetimeQuantity(brief)).toBeNull();
});

test('the lot is the brief’s, else a quarter of a year, else everything', () => {
  expect(lotSize(briefOf({ title: 'x', quantity: { lot: 40 } }), 1000)).toBe(40);
  expect(lotSize(briefOf({ title: 'x', quantity: { perYear: 90 } }), 1000)).toBe(23);
  expect(lotSize(briefOf({ title: 'x' }), 1000)).toBe(1000);
});

test('toleranced dimensions without an id get one that no other has', () => {
  const features = [
    { nominal_mm: 10, tol_mm: 0.2 },
    { id: 'f1', nominal_mm: 20, tol_mm: 0.2 },
    { nominal_mm: 30, tol_mm: 0.2 },
  ];
  const parsed = parseBrief({ ...bracket(), features, needs: { smell: true } });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  expect(parsed.brief.features.map((f) => f.id)).toEqual(['f2', 'f1', 'f3']);
  expect(parsed.notes).toEqual(['needs.smell is not a field of the brief and was ignored']);
});
