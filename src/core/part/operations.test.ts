import { describe, expect, test } from 'vitest';
import type { Brief } from '../brief';
import { SHIPPED_RATES } from '../rates';
import { findLane, type Lane } from '../catalogue/routes';
import { bracket } from '../testing/demo-briefs';
import { TRUNNION_ALLOY } from '../testing/trunnion-cap';
import { lanePart, partFacts, type LanePart, type PartFacts } from '.';

/** u = 0.7 J/mm³; a gravity die leaves 1.5 mm to cut and cores holes from Ø7 to 4 (through) or 2.5 (blind) diameters. */
const made = (
  more: Partial<Record<'features' | 'holes' | 'machiningSetups', unknown>>,
  laneId = 'gravity-die/hand',
): LanePart => {
  const lane = findLane(laneId) as Lane;
  const brief: Brief = bracket(more);
  return lanePart(
    partFacts(brief, TRUNNION_ALLOY, SHIPPED_RATES) as PartFacts,
    lane.capability,
    SHIPPED_RATES,
    'published',
  );
};
const feature = (more: object) => ({ id: 'a', nominal_mm: 40, tol_mm: 0.05, mustMachine: true, ...more });

describe('one second operation: seconds and metal', () => {
  test.each([
    ['a face by its area', { kind: 'face', area_cm2: 12 }, 1200 * 1.5, 18 + (1800 * 0.7) / 1800],
    ['a plain dimension as a face of the default area', { kind: 'dim' }, 1000 * 1.5, 18 + (1500 * 0.7) / 1800],
    [
      'a turned diameter, depth as the diameter',
      { kind: 'turn' },
      Math.PI * 40 * 40 * 1.5,
      25 + (Math.PI * 1600 * 1.5 * 0.7) / 1500,
    ],
    ['a cored bore', { kind: 'bore', depth_mm: 30 }, Math.PI * 40 * 30 * 1.5, 35 + (Math.PI * 1200 * 1.5 * 0.7) / 500],
    [
      'a bore too deep to core, from solid',
      { kind: 'bore', nominal_mm: 8, depth_mm: 40 },
      (Math.PI / 4) * 64 * 40,
      35 + ((Math.PI / 4) * 64 * 40 * 0.7) / 500,
    ],
    [
      'a reamed hole',
      { kind: 'ream', nominal_mm: 8, depth_mm: 20 },
      Math.PI * 8 * 20 * 0.15,
      14 + (Math.PI * 160 * 0.15 * 0.7) / 250,
    ],
    ['a ground face, at five times the energy', { kind: 'grind', area_cm2: 5 }, 500 * 0.3, 60 + (150 * 3.5) / 150],
  ] as const)('%s', (_, f, stock, seconds) => {
    const [op] = made({ features: [feature(f)] }).operations;
    expect(op?.stock_mm3).toBeCloseTo(stock, 6);
    expect(op?.seconds).toBeCloseTo(seconds, 6);
  });

  test('a feature that stands twice takes twice, but is one entry', () => {
    const once = made({ features: [feature({ kind: 'ream', nominal_mm: 8, depth_mm: 20 })] });
    const twice = made({ features: [feature({ kind: 'ream', nominal_mm: 8, depth_mm: 20, count: 2 })] });
    expect(twice.operations[0]?.seconds).toBeCloseTo(2 * (once.operations[0]?.seconds ?? NaN), 9);
    expect(twice.nSet).toBe(1);
  });
});

describe('holes', () => {
  const ops = (hole: object, laneId?: string): string[] =>
    made({ holes: [{ count: 1, thread: false, through: true, ...hole }] }, laneId).operations.map((o) => o.kind);
  test.each([
    ['cored and left', { dia_mm: 9, depth_mm: 20 }, []],
    ['too small: drilled', { dia_mm: 6, depth_mm: 10 }, ['drill']],
    ['too deep: drilled', { dia_mm: 9, depth_mm: 40 }, ['drill']],
    ['blind is sooner too deep', { dia_mm: 9, depth_mm: 25, through: false }, ['drill']],
    ['a small thread: drilled and tapped', { dia_mm: 6, depth_mm: 12, thread: true }, ['drill', 'tap']],
    ['a large thread: cored and tapped', { dia_mm: 16, depth_mm: 20, thread: true }, ['tap']],
    ['close and cored: bored', { dia_mm: 12, depth_mm: 20, tol_mm: 0.1 }, ['bore']],
    ['wide and cored: left', { dia_mm: 12, depth_mm: 20, tol_mm: 1.2 }, []],
    ['close and drilled: reamed', { dia_mm: 6, depth_mm: 12, tol_mm: 0.03 }, ['drill', 'ream']],
    ['not so close and drilled: the drill holds it', { dia_mm: 6, depth_mm: 12, tol_mm: 0.2 }, ['drill']],
  ] as const)('%s', (_, hole, want) => {
    expect(ops(hole)).toEqual(want);
  });
  test('a route that cores finer leaves less to drill', () => {
    expect(ops({ dia_mm: 3, depth_mm: 8 }, 'pressure-die/cold')).toEqual([]);
    expect(ops({ dia_mm: 12, depth_mm: 20 }, 'green-sand/bench')).toEqual(['drill']);
  });
  test('a tapped hole takes the ring between drill and thread, over half its depth', () => {
    const tap = made({ holes: [{ dia_mm: 16, depth_mm: 20, count: 3, thread: true, through: true }] }).operations[0];
    const ring = ((Math.PI / 4) * (256 - (0.85 * 16) ** 2) * 20) / 2;
    expect(tap?.stock_mm3).toBeCloseTo(3 * ring, 6);
  });
});

describe('the piece as a whole', () => {
  test('four entries a set-up, a pattern of holes being one; the brief may say otherwise', () => {
    const holes = Array.from({ length: 3 }, () => ({ dia_mm: 5, depth_mm: 8, count: 6, thread: true, through: false }));
    const features = ['a', 'b'].map((id) => feature({ id, kind: 'face', area_cm2: 10 }));
    expect(made({ holes, features }).nSet).toBe(2);
    expect(made({ holes, features, machiningSetups: 4 }).nSet).toBe(4);
    expect(made({}).nSet).toBe(0);
    expect(made({}).tMach_min).toBe(0);
  });
  test('cast mass carries the stock that is cut away', () => {
    const bare = made({});
    const faced = made({ features: [feature({ kind: 'face', area_cm2: 100 })] });
    expect(bare.mc).toBeCloseTo(60 * 2.68e-3, 12);
    expect(faced.mc).toBeCloseTo((60 + (10_000 * 1.5) / 1000) * 2.68e-3, 12);
  });
  test('gauges are for what is not held plainly as cast', () => {
    const part = made({
      features: [
        feature({ id: 'a', kind: 'face', area_cm2: 5 }),
        { id: 'b', nominal_mm: 60, tol_mm: 3, mayMachine: false },
      ],
      holes: [
        { dia_mm: 12, depth_mm: 20, tol_mm: 0.1 },
        { dia_mm: 12, depth_mm: 20, tol_mm: 1.2 },
      ],
    });
    expect(part.nG).toBe(2);
  });
});
