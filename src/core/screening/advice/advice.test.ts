import { describe, expect, test } from 'vitest';
import { boardAt } from '../../comparison/board';
import { prepareStudy } from '../../study';
import type { Brief } from '../../brief';
import { ROUTES } from '../../catalogue/routes';
import type { Finding } from '..';
import { bracket } from '../../testing/demo-briefs';
import { adviceFor, adviceText, consolidationAdvice } from '.';

type Detail = Partial<Brief['detail']>;

/** A bracket with walls of 5 mm and sections of 20 mm, its draft given in degrees. */
function part(detail: Detail, more: Partial<Brief> = {}): Brief {
  const base = bracket();
  return {
    ...base,
    geometry: { ...base.geometry, wallMin_mm: 5, sectionMax_mm: 20, passages: 1, draftAllowed: 1, projected_cm2: 100 },
    holes: [],
    ...more,
    detail: { ...base.detail, ...detail },
  };
}

function advice(brief: Brief, laneId: string): Finding[] {
  const study = prepareStudy(brief);
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  if (study.facts === null || entry?.part == null) throw new Error('no part');
  return adviceFor(study.facts, entry.lane, entry.part);
}
const of = (brief: Brief, laneId: string, rule: string): Finding | undefined =>
  advice(brief, laneId).find((f) => f.rule === rule);

const CAST = { ...bracket().needs, cosmeticFace: true, environment: 'outdoor' as const };
const faces: Brief['features'] = [
  {
    id: 'a',
    name: 'foot',
    kind: 'face',
    nominal_mm: 40,
    tol_mm: 0.2,
    acrossParting: false,
    acrossCore: false,
    mayMachine: true,
    mustMachine: true,
    critical: false,
  },
];

/** Each rule: a lane it speaks of, a drawing that keeps it, one that breaks it by a hair, and its limit there. */
const RULES: readonly (readonly [string, string, Detail, Detail, number])[] = [
  ['dr-wall-run', 'gravity-die/hand', { flowLength_mm: 250 }, { flowLength_mm: 251 }, 50],
  ['dr-even-walls', 'spin/silicone-rubber', { step_mm: 2, blend_mm: 8 }, { step_mm: 2, blend_mm: 7.9 }, 4],
  ['dr-fillet', 'green-sand/bench', { filletMin_mm: 2.5 }, { filletMin_mm: 2.4 }, 0.5],
  ['dr-junction', 'green-sand/bench', { jointCircle_mm: 7.5 }, { jointCircle_mm: 7.6 }, 1.5],
  ['dr-rib', 'pressure-die/cold', { rib_mm: 4 }, { rib_mm: 4.1 }, 0.8],
  ['dr-rib', 'green-sand/bench', { rib_mm: 5 }, { rib_mm: 5.1 }, 1],
  ['dr-boss', 'plaster/resin', { bossWall_mm: 7.5 }, { bossWall_mm: 7.6 }, 1.5],
  [
    'dr-draft-deep',
    'gravity-die/hand',
    { pocketDepth_mm: 30, pocketWidth_mm: 10 },
    { pocketDepth_mm: 31, pocketWidth_mm: 10 },
    3,
  ],
  ['dr-parting-flat', 'green-sand/bench', { partingSteps: 0 }, { partingSteps: 1 }, 0],
  ['dr-same-half', 'green-sand/bench', { relatedAcross: 0 }, { relatedAcross: 1 }, 0],
  [
    'dr-core-support',
    'green-sand/bench',
    { coreVolume_cm3: 100, printArea_cm2: 2 },
    { coreVolume_cm3: 100, printArea_cm2: 0.05 },
    1,
  ],
  ['dr-passage-min', 'green-sand/bench', { passageMin_mm: 12 }, { passageMin_mm: 11.9 }, 12],
  ['dr-passage-min', 'shell-investment/wax-die', { passageMin_mm: 5 }, { passageMin_mm: 4.9 }, 5],
  ['dr-clean-out', 'green-sand/bench', { openings: 2 }, { openings: 1 }, 2],
  ['dr-datum', 'gravity-die/hand', { datumTargets: 6 }, { datumTargets: 5 }, 6],
  ['dr-machining-allowance', 'gravity-die/hand', { stockLeft_mm: 1.5 }, { stockLeft_mm: 1.4 }, 1.5],
  ['dr-feed-access', 'gravity-die/hand', { isolatedSections: 0 }, { isolatedSections: 1 }, 0],
  ['dr-feed-distance', 'gravity-die/hand', { feedDistance_mm: 90 }, { feedDistance_mm: 91 }, 4.5],
  ['dr-gate-place', 'gravity-die/hand', { gateFaces: 1 }, { gateFaces: 0 }, 1],
  ['dr-ejector', 'pressure-die/cold', { ejectorPlaces: 3 }, { ejectorPlaces: 2 }, 3],
  ['dr-restraint', 'gravity-die/hand', { restrainedLength_mm: 300 }, { restrainedLength_mm: 301 }, 60],
  ['dr-flat-face', 'gravity-die/hand', { flatSpan_mm: 350 }, { flatSpan_mm: 351 }, 70],
  ['dr-lettering', 'gravity-die/hand', { letterStroke_mm: 0.8 }, { letterStroke_mm: 0.7 }, 0.8],
  ['dr-galvanic', 'gravity-die/hand', { touches: 'steel' }, { touches: 'brass' }, 0.25],
];

describe('advice', () => {
  test.each(RULES)('%s on %s: kept, broken, and not known', (rule, lane, kept, broken, limit) => {
    const ask = (detail: Detail) => of(part(detail, { needs: CAST, features: faces }), lane, rule);
    expect(ask(kept)).toMatchObject({ status: 'fits', limit });
    const against = ask(broken);
    expect(against).toMatchObject({ status: 'tight', limit });
    expect(against?.margin).toBeLessThan(0);
    expect(against?.fixes.length).toBeGreaterThan(0);
    expect(ask({})).toMatchObject({ status: 'not-known', value: null });
    expect(adviceText(rule)?.costEffect).not.toBe('');
  });
  test('an inside radius larger than the wall is a lump', () => {
    expect(of(part({ filletMin_mm: 5.1 }), 'green-sand/bench', 'dr-fillet')).toMatchObject({
      status: 'tight',
      limit: 1,
    });
  });
  test('deep pockets are no matter where walls may lean', () => {
    const deep = { pocketDepth_mm: 90, pocketWidth_mm: 10 };
    const lean = part(deep);
    const free = { ...lean, geometry: { ...lean.geometry, draftAllowed: true } };
    expect(of(lean, 'gravity-die/hand', 'dr-draft-deep')?.status).toBe('tight');
    expect(of(free, 'gravity-die/hand', 'dr-draft-deep')?.status).toBe('fits');
    expect(of(lean, 'shell-investment/wax-die', 'dr-draft-deep')).toBeUndefined();
  });
  test('a longer run wants a thicker wall: half a millimetre more in sand, a fifth in dies, for each stretch', () => {
    const at = (flowLength_mm: number, lane: string) =>
      advice(part({ flowLength_mm }), lane).find((f) => f.rule === 'dr-wall-run' && f.subject !== '');
    expect(at(150, 'gravity-die/hand')).toBeUndefined();
    expect(at(151, 'gravity-die/hand')).toMatchObject({ status: 'fits', limit: 4.5 + 0.2 });
    expect(at(600, 'gravity-die/hand')).toMatchObject({ status: 'tight', limit: 4.5 + 3 * 0.2 });
    const sand = at(451, 'green-sand/bench')?.limit as number;
    expect(sand - (at(151, 'green-sand/bench')?.limit as number)).toBeCloseTo(1, 9);
  });
  test('parts beyond 250 mm want stock by grade and size', () => {
    const stock = (L: number, lane: string) =>
      of(
        part({ stockLeft_mm: 1 }, { features: faces, geometry: { ...part({}).geometry, box_mm: [L, 60, 40] } }),
        lane,
        'dr-machining-allowance',
      )?.limit;
    expect([250, 251, 401, 999, 5000].map((L) => stock(L, 'green-sand/bench'))).toEqual([2.5, 3.5, 4, 5, 5]);
    expect(stock(500, 'plaster/resin')).toBe(1);
  });
  test('fine detail beside the parting washes out in sand, plaster and rubber, not in dies', () => {
    const at = (partingDetail_mm: number | null, lane: string) => of(part({ partingDetail_mm }), lane, 'parting-wash');
    expect(at(3, 'green-sand/bench')).toMatchObject({ status: 'fits', limit: 3 });
    expect(at(2.9, 'green-sand/bench')).toMatchObject({ status: 'tight' });
    expect(at(2.9, 'green-sand/bench')?.fixes[0]).toContain('away from the parting');
    expect(at(null, 'green-sand/bench')).toMatchObject({ status: 'not-known' });
    expect(at(0.1, 'gravity-die/hand')).toBeUndefined();
  });
  test('a hole pattern too deep for its core is told, each by itself', () => {
    const holes = [
      { dia_mm: 10, depth_mm: 40, count: 2, thread: false, through: true },
      { dia_mm: 10, depth_mm: 41, count: 1, thread: false, through: true },
      { dia_mm: 10, depth_mm: 26, count: 1, thread: false, through: false },
    ];
    const found = advice(part({}, { holes }), 'gravity-die/hand').filter((f) => f.rule === 'dr-hole-depth');
    expect(found.map((f) => f.status)).toEqual(['fits', 'tight', 'tight']);
    expect(found.map((f) => f.limit)).toEqual([4, 4, 2.5]);
  });
  test('the lift of metal and core against what holds the mould: ρ g A h and its core', () => {
    const rho = prepareStudy(bracket()).alloy?.densityLiquid_kg_m3 ?? 0;
    const lift_kg = rho * 1e-2 * 0.15 + (rho - 1600) * 1e-4;
    const at = (holdDown_kg: number) =>
      of(part({ head_mm: 150, coreVolume_cm3: 100, holdDown_kg }), 'green-sand/bench', 'dr-cope-lift');
    expect(at(lift_kg)?.value).toBeCloseTo(1, 9);
    expect(at(1.49 * lift_kg)?.status).toBe('tight');
    expect(at(1.51 * lift_kg)?.status).toBe('fits');
    expect(of(part({}), 'gravity-die/hand', 'dr-cope-lift')).toBeUndefined();
  });
  test('a face that is seen is held against the usual skin of the route', () => {
    const seen = (Ra_um: number | null) =>
      of(
        part({}, { needs: CAST, surface: { Ra_um, cosmetic: null, polishAllowed: true } }),
        'gravity-die/hand',
        'dr-cosmetic',
      );
    expect(seen(6.3)?.status).toBe('fits');
    expect(seen(6.2)?.status).toBe('tight');
    expect(seen(null)?.status).toBe('not-known');
    expect(of(part({}), 'gravity-die/hand', 'dr-cosmetic')).toBeUndefined();
  });
  test('bare magnesium on stainless steel is refused at sea, told indoors, and no matter when isolated', () => {
    const touching = (environment: 'marine' | 'indoor', touches: 'stainless' | 'isolated') =>
      of(part({ touches }, { alloy: 'mg-az91', needs: { ...CAST, environment } }), 'pressure-die/cold', 'dr-galvanic');
    expect(touching('marine', 'stainless')).toMatchObject({ status: 'blocked' });
    expect(touching('indoor', 'stainless')?.status).toBe('tight');
    expect(touching('marine', 'isolated')?.status).toBe('fits');
  });
  test('unknown scrap is refused where it matters later, with what it does to the melt', () => {
    expect(
      of(part({}, { needs: { ...CAST, environment: 'indoor', leadFree: false } }), 'green-sand/bench', 'scrap-charge'),
    ).toBeUndefined();
    const marine = of(part({}, { needs: { ...CAST, environment: 'marine' } }), 'green-sand/bench', 'scrap-charge');
    expect(marine?.reason).toContain('unknown composition');
  });
  test('one casting is held against today’s assembly', () => {
    expect(consolidationAdvice(80, 100)).toMatchObject({ status: 'fits', value: 0.8 });
    expect(consolidationAdvice(101, 100).status).toBe('tight');
  });
  test('bars no lane and moves no figure, whatever the drawing says', () => {
    const worst: Detail = { flowLength_mm: 9000, rib_mm: 500, partingSteps: 50, openings: 0, letterStroke_mm: 0.01 };
    const strip = (b: Brief) =>
      boardAt(prepareStudy(b), 500).lanes.map((l) => [l.id, l.status, l.money?.total, l.dates?.lastPart_d]);
    expect(strip(part(worst))).toEqual(strip(part({})));
  });
  test('every rule that advises is told on some route', () => {
    const brief = part(
      { touches: 'steel' },
      { needs: CAST, features: faces, holes: [{ dia_mm: 9, depth_mm: 9, count: 1, thread: false, through: true }] },
    );
    const told = new Set(prepareStudy(brief).lanes.flatMap((l) => advice(brief, l.lane.id).map((f) => f.rule)));
    told.add(consolidationAdvice(1, 1).rule);
    const known = [...told].filter((rule) => adviceText(rule) !== undefined);
    expect(known).toHaveLength(26);
    expect(ROUTES).toHaveLength(9);
  });
});

test('a size made by a core is held looser by the core’s shift', () => {
  const width = (acrossCore: boolean, lane: string) =>
    prepareStudy(
      part({}, { features: [{ ...(faces[0] as Brief['features'][number]), mustMachine: false, acrossCore }] }),
    ).lanes.find((e) => e.lane.id === lane)?.part?.features[0]?.cast_mm ?? 0;
  expect(width(true, 'green-sand/bench') - width(false, 'green-sand/bench')).toBeCloseTo(0.6, 9);
  expect(width(true, 'gravity-die/hand') - width(false, 'gravity-die/hand')).toBeCloseTo(0.5, 9);
  expect(width(true, 'shell-investment/printed') - width(false, 'shell-investment/printed')).toBe(0);
});

describe('rules of the programme', () => {
  const board = (q: number, more: Partial<Brief['quantity']> = {}) => {
    const base = bracket();
    const quantity = { ...base.quantity, perYear: 100, years: 10, orderDate: '2027-01-04', ...more };
    return boardAt(prepareStudy({ ...base, quantity }), q, '2027-01-04');
  };
  const rule = (b: ReturnType<typeof board>, lane: string, id: string) =>
    b.lanes.find((l) => l.id === lane)?.programme.find((f) => f.rule === id);
  test('the quantity band', () => {
    expect(rule(board(1000), 'gravity-die/hand', 'dr-quantity-band')).toMatchObject({
      status: 'fits',
      value: 1000,
      limit: 5000,
    });
    expect(rule(board(10), 'gravity-die/hand', 'dr-quantity-band')).toMatchObject({
      status: 'tight',
      limit: 80,
      margin: -70,
    });
    expect(rule(board(1e6, { perYear: 1e6 }), 'gravity-die/hand', 'dr-quantity-band')).toMatchObject({
      status: 'tight',
      unit: 'days',
    });
  });
  test('the life of the tool', () => {
    expect(rule(board(100), 'gravity-die/hand', 'dr-tool-life')).toMatchObject({ status: 'fits', limit: 15000 });
    expect(rule(board(900_000), 'gravity-die/hand', 'dr-tool-life')?.status).toBe('tight');
  });
  test('the first delivery', () => {
    expect(rule(board(100, { firstDelivery: '2027-01-10' }), 'gravity-die/hand', 'dr-lead-time')?.status).toBe('tight');
    expect(rule(board(100, { firstDelivery: '2028-01-10' }), 'gravity-die/hand', 'dr-lead-time')).toMatchObject({
      status: 'fits',
    });
    expect(rule(board(100, { firstDelivery: null }), 'gravity-die/hand', 'dr-lead-time')?.limit).toBeNull();
  });
});
