import { expect, test } from 'vitest';
import { ALLOY_NAMES, ALLOYS, HAZARDS } from './alloys';
import { isOrdered } from '../base/figures';
import { SHIPPED_RATES, capabilityFamily, ratesFamily } from '../rates';
import { shortName, LANES, ROUTE_COUNT, ROUTES } from './routes';
import { ruleText } from '../screening';
import { prepareStudy } from '../study';
import { bracket } from '../testing/demo-briefs';

/** Every object with a `v` anywhere below. */
function figuresIn(node: unknown, path: string): [string, { v: never; basis?: string }][] {
  if (node === null || typeof node !== 'object') return [];
  if ('v' in node) return [[path, node as { v: never; basis?: string }]];
  return Object.entries(node).flatMap(([k, x]) => figuresIn(x, `${path}.${k}`));
}

test('nine routes and nineteen lanes, each with money and time', () => {
  expect(ROUTES).toHaveLength(9);
  expect(LANES).toHaveLength(19);
  for (const lane of LANES) {
    expect(SHIPPED_RATES.variants[lane.id], lane.id).toBeDefined();
    expect(shortName(lane.id), lane.id).not.toBe(lane.id);
  }
  expect(Object.keys(SHIPPED_RATES.variants).sort()).toEqual(LANES.map((l) => l.id).sort());
});

test('every rate is ordered low, likely, high and has a basis', () => {
  const figures = figuresIn(SHIPPED_RATES, 'rates');
  expect(figures.length).toBeGreaterThan(700);
  for (const [path, figure] of figures) {
    expect(isOrdered(figure.v), path).toBe(true);
    expect(['standard', 'handbook', 'rule', 'assumed'], path).toContain(figure.basis);
  }
});

test('every capability a lane needs is there, ordered, for each family it pours', () => {
  for (const { id, capability: c } of LANES) {
    for (const [family, row] of Object.entries(c.families)) {
      if (row.ok === 'no') continue;
      const f = family as keyof typeof c.families;
      expect(c.yield[f] ?? c.yield.any, `${id} yield ${family}`).toBeDefined();
      expect(c.life_shots[f] ?? c.life_shots.any, `${id} life ${family}`).toBeDefined();
      const [tight, usual, loose] = c.ct[f] ?? [0, 0, 0];
      expect(tight > 0 && tight <= usual && usual <= loose, `${id} ct ${family}`).toBe(true);
      const [exceptional, normal] = c.wallMin[f] ?? [1, 0];
      expect(exceptional <= normal, `${id} wall ${family}`).toBe(true);
    }
    const rows = c.partingExtra.rows;
    expect(
      rows.every((r, i) => i === 0 || r.upTo_cm2 > (rows[i - 1]?.upTo_cm2 ?? 0)),
      id,
    ).toBe(true);
    expect(c.size_mm.max[0] >= c.size_mm.max[1] && c.size_mm.max[1] >= c.size_mm.max[2], id).toBe(true);
  }
});

test('alloys: ids once, figures sane, alternatives and hazards real, families with rates', () => {
  const ids = new Set(ALLOYS.map((a) => a.id));
  expect(ids.size).toBe(ALLOYS.length);
  const hazards = new Set(HAZARDS.map((h) => h.id));
  for (const a of ALLOYS) {
    expect(a.liquidus_C - a.solidus_C, a.id).toBeCloseTo(a.freezingRange_C, 6);
    expect(a.density_kg_m3 > a.densityLiquid_kg_m3 || a.family === 'tin', a.id).toBe(true);
    for (const t of [a.price_USD_kg, a.meltLoss_pct, a.specificCuttingEnergy_J_mm3, a.patternShrink_pct])
      expect(isOrdered(t), a.id).toBe(true);
    for (const n of a.nearAlternatives) expect(ids.has(n.id), `${a.id} → ${n.id}`).toBe(true);
    for (const h of a.hazards) expect(hazards.has(h), `${a.id} ${h}`).toBe(true);
    expect(SHIPPED_RATES.families[ratesFamily(a.family)], a.family).toBeDefined();
    expect(typeof capabilityFamily(a.family)).toBe('string');
    for (const route of ROUTES) {
      const fit = a.routes[route.id]?.fit;
      expect(fit, `${a.id} ${route.id}`).toBeDefined();
      const pour = a.pour_C[route.id];
      if (fit === 'no') expect(pour, `${a.id} ${route.id}`).toBeUndefined();
      else
        expect(
          (pour?.[0] ?? 0) >= a.liquidus_C * 0.95 && (pour?.[0] ?? 0) <= (pour?.[1] ?? 0),
          `${a.id} ${route.id}`,
        ).toBe(true);
    }
  }
});

test('every rule the screening speaks of has its words', () => {
  const own = new Set(['lead-free', 'pour-mass']);
  for (const entry of prepareStudy(bracket()).lanes) {
    for (const f of entry.screening?.findings ?? [])
      expect(own.has(f.rule) || ruleText(f.rule) !== undefined, f.rule).toBe(true);
  }
});

test('as many routes are compared as the table has', () => {
  expect(ROUTE_COUNT).toBe(ROUTES.length);
});

test('names of alloys are those of the table, in its order', () => {
  expect(Object.entries(ALLOY_NAMES)).toEqual(ALLOYS.map((a) => [a.id, a.name]));
});
