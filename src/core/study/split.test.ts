import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { bracket } from '../testing/demo-briefs';
import { workingOf } from './workings';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '.';
import { castPiece, otherPiece } from './split';

const SPLIT = { other: 'stamped', share_pct: 20, wall_mm: 2, undercutsOff: 1, passagesOff: 0, joints: { bolt: 3 } };
const solid = bracket();
const asked = bracket({ split: SPLIT, geometry: { ...solid.geometry, undercuts: 2 } });
const split = (q: number, brief = asked) => boardAt(prepareStudy(brief), q).baselines.find((b) => b.id === 'split');

describe('the part split in two', () => {
  test('shares out the metal and takes difficulty off the cast piece', () => {
    const [cast, other] = [castPiece(asked), otherPiece(asked)];
    expect((cast.geometry.volume_cm3 ?? 0) + (other.geometry.volume_cm3 ?? 0)).toBeCloseTo(60, 9);
    expect(cast.geometry.undercuts).toBe(1);
    const [l, w, h] = other.geometry.box_mm ?? [0, 0, 0];
    expect((l * w * h) / 1000).toBeCloseTo(other.geometry.volume_cm3 ?? NaN, 9);
    expect(other.features).toEqual([]);
  });
  test('costs the cheapest casting of the one, the stamping of the other, and the joining', () => {
    for (const q of [1, 300, 2000]) {
      const cast = boardAt(prepareStudy(castPiece(asked)), q);
      const lead = cast.lanes.find((x) => x.id === cast.leader)?.money;
      const stamped = boardAt(prepareStudy(otherPiece(asked)), q).baselines.find((b) => b.id === 'stamped');
      const [l, w, h] = asked.geometry.box_mm ?? [0, 0, 0];
      const minutes = 3 * 1.2 + 1.5 * Math.max(0.25, Math.min(2, Math.cbrt(l * w * h) / 100));
      const joined = 1.15 * 1.12 * ((minutes / 60) * 36 + 3 * 0.35 + 2 * 0.25);
      const b = split(q);
      expect(b?.barred).toBeNull();
      expect(b?.total).toBeCloseTo((lead?.total ?? NaN) + (stamped?.total ?? NaN) + 1.1 * 350 + q * joined, 6);
      expect(b?.unit).toBeCloseTo((lead?.unit ?? NaN) + (stamped?.unit ?? NaN) + joined, 9);
      expect(Object.values(b?.lines ?? {}).reduce((x, y) => x + y, 0)).toBeCloseTo(b?.unit ?? NaN, 9);
    }
  });
  test('comes no sooner than its slower piece, and its figures open', () => {
    const cast = boardAt(prepareStudy(castPiece(asked)), 500);
    const b = split(500);
    expect(b?.firstArticle_d).toBeGreaterThan(
      cast.lanes.find((x) => x.id === cast.leader)?.dates?.firstArticle_d ?? NaN,
    );
    expect(b?.lastPart_d).toBeGreaterThanOrEqual(b?.firstArticle_d ?? NaN);
    const study = prepareStudy(asked);
    expect(workingOf(study, 'split', 500, 'unit').value).toBe(b?.unit);
    expect(workingOf(study, 'split', 500, 'total').value).toBe(b?.total);
  });
  test('is not told unless asked for, and is barred with its piece', () => {
    expect(split(500, solid)).toBeUndefined();
    expect(split(500, bracket({ split: { ...SPLIT, share_pct: null } }))).toBeUndefined();
    expect(split(500, bracket({ split: { ...SPLIT, wall_mm: 9 } }))?.barred).toContain('thicker than strip');
    const iron = bracket({ alloy: 'iron-gjl-250', split: SPLIT });
    expect(split(500, iron)?.barred).toContain('not stamped');
  });
  test('T never falls as the quantity grows', () => {
    const study = prepareStudy(asked);
    const b = study.baselines.find((x) => x.id === 'split');
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50_000 }), fc.integer({ min: 1, max: 500 }), (q, more) => {
        expect(b?.total(q + more)).toBeGreaterThanOrEqual((b?.total(q) ?? NaN) - 1e-6);
      }),
      { numRuns: 60 },
    );
  });
});

test('floor and returns of today’s assembly join its cost as lines', () => {
  const today = { how: 'fabricated', parts: 3, joints: { bolt: 4 } };
  const of = (more: object) => {
    const b = boardAt(prepareStudy(bracket({ today: { ...today, ...more } })), 500).baselines.find(
      (x) => x.id === 'fabricated',
    );
    if (b === undefined) throw new Error('none');
    expect(Object.values(b.lines).reduce((x, y) => x + y, 0)).toBeCloseTo(b.unit, 9);
    return b;
  };
  const plain = of({}).unit;
  expect(of({ floor_m2: 6 }).unit - plain).toBeCloseTo((6 * 110) / 400, 9);
  expect(of({ returns_pct: 4, repair_USD: 30 }).unit - plain).toBeCloseTo(1.2, 9);
  expect(of({ returns_pct: 4 }).unit).toBe(plain);
  expect(of({ cost_USD: 50, floor_m2: 6 }).lines).toMatchObject({ asPaidToday: 50, floor: (6 * 110) / 400 });
});
