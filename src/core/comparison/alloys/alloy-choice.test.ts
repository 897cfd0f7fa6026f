import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALLOYS, findAlloy } from '../../catalogue/alloys';
import { boardAt } from '../board';
import { prepareStudy } from '../../study';
import { SHIPPED_RATES } from '../../rates';
import { bracket } from '../../testing/demo-briefs';
import { alloyPairs, bestCondition, missesOf, needsOfBrief, NO_NEEDS, withNeeds, type AlloyNeeds } from '.';

const brief = bracket({ surface: { Ra_um: 25 } });
const pairs = alloyPairs(brief, 'published', SHIPPED_RATES, 2000);

describe('the brief in every alloy', () => {
  test('gives the board of that alloy', () => {
    expect(pairs.map((p) => p.alloyId).toSorted()).toEqual(ALLOYS.map((a) => a.id).toSorted());
    for (const id of ['al-a356', 'zn-za8', 'cu-silicon-brass', 'ss-cf8m']) {
      const board = boardAt(prepareStudy({ ...brief, alloy: id }), 2000);
      const pair = pairs.find((p) => p.alloyId === id);
      expect(pair?.leader).toBe(board.leader);
      for (const r of pair?.routes ?? []) {
        const lanes = board.lanes.filter((l) => l.routeId === r.routeId && l.status !== 'blocked' && l.money !== null);
        const least = Math.min(...lanes.map((l) => l.money?.allIn ?? Infinity));
        expect(r.allIn, `${id} ${r.routeId}`).toBe(lanes.length === 0 ? null : least);
        expect(r.why === '', `${id} ${r.routeId}`).toBe(lanes.length > 0);
      }
    }
  });

  test('stands cheapest first, with what nobody can pour at the end', () => {
    const costs = pairs.map((p) => p.allIn ?? Infinity);
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
    expect(pairs[0]?.leader).not.toBeNull();
  });

  test('the mass follows the density', () => {
    const mass = (id: string): number => pairs.find((p) => p.alloyId === id)?.mass_kg ?? NaN;
    const density = (id: string): number => findAlloy(id)?.density_kg_m3 ?? NaN;
    expect(mass('zn-za8') / mass('al-a356')).toBeCloseTo(density('zn-za8') / density('al-a356'), 9);
  });
});

describe('needs of the metal', () => {
  const anyNeeds = fc.record<AlloyNeeds>({
    yieldMin_MPa: fc.option(fc.integer({ min: 0, max: 900 })),
    elongationMin_pct: fc.option(fc.integer({ min: 0, max: 40 })),
    densityMax_kg_m3: fc.option(fc.integer({ min: 1500, max: 9000 })),
    priceMax_USD_kg: fc.option(fc.integer({ min: 1, max: 80 })),
    environment: fc.option(fc.constantFrom('indoor', 'outdoor', 'marine', 'hot')),
    leadFree: fc.boolean(),
    pressureTight: fc.boolean(),
  });
  const anyAlloy = fc.constantFrom(...ALLOYS);

  test('no needs, no misses; and an alloy that meets needs meets them one by one', () => {
    for (const alloy of ALLOYS) expect(missesOf(alloy, NO_NEEDS)).toEqual([]);
    fc.assert(
      fc.property(anyAlloy, anyNeeds, (alloy, needs) => {
        if (missesOf(alloy, needs).length > 0) return;
        for (const key of Object.keys(needs) as (keyof AlloyNeeds)[])
          expect(missesOf(alloy, { ...NO_NEEDS, [key]: needs[key] })).toEqual([]);
      }),
      { numRuns: 500 },
    );
  });

  test('needs written into a brief are read from it, and the brief is otherwise the same', () => {
    fc.assert(
      fc.property(anyNeeds, (needs) => {
        const written = withNeeds(brief, needs);
        expect(needsOfBrief(written)).toEqual(needs);
        const back = withNeeds(written, needsOfBrief(brief));
        expect({ ...back, alloyMode: brief.alloyMode }).toEqual({
          ...brief,
          needs: { ...brief.needs, leadFree: back.needs.leadFree, pressureTight: back.needs.pressureTight },
        });
      }),
    );
    const asked = withNeeds(brief, { ...NO_NEEDS, yieldMin_MPa: 180 });
    expect(asked.alloyMode).toBe('needs');
    expect(withNeeds({ ...brief, alloyMode: 'candidates' }, { ...NO_NEEDS, yieldMin_MPa: 180 }).alloyMode).toBe(
      'candidates',
    );
    const silent = { ...brief, needs: { ...brief.needs, leadFree: null } };
    expect(withNeeds(silent, NO_NEEDS).needs.leadFree).toBeNull();
  });

  test('asking for less never loses an alloy', () => {
    fc.assert(
      fc.property(anyAlloy, anyNeeds, fc.integer({ min: 0, max: 100 }), (alloy, needs, less) => {
        const before = missesOf(alloy, needs).length;
        const easier: AlloyNeeds = {
          ...needs,
          yieldMin_MPa: needs.yieldMin_MPa === null ? null : needs.yieldMin_MPa - less,
          densityMax_kg_m3: needs.densityMax_kg_m3 === null ? null : needs.densityMax_kg_m3 + less,
          leadFree: false,
        };
        if (before === 0) expect(missesOf(alloy, easier)).toEqual([]);
      }),
    );
  });

  test('strength of one condition is not mixed with the elongation of another', () => {
    for (const alloy of ALLOYS) {
      const strongest = Math.max(...alloy.conditions.map((c) => c.yield_MPa ?? 0));
      const toughest = Math.max(...alloy.conditions.map((c) => c.elongation_pct ?? 0));
      const both = alloy.conditions.some((c) => (c.yield_MPa ?? 0) >= strongest && (c.elongation_pct ?? 0) >= toughest);
      const needs = { ...NO_NEEDS, yieldMin_MPa: strongest, elongationMin_pct: toughest };
      if (strongest > 0 && toughest > 0) expect(missesOf(alloy, needs).length === 0, alloy.id).toBe(both);
      expect(alloy.conditions).toContain(bestCondition(alloy, needs));
    }
  });

  test('a strength the table does not have is told as not known', () => {
    const alloy = ALLOYS[0] as (typeof ALLOYS)[number];
    const blank = { ...alloy, conditions: alloy.conditions.map((c) => ({ ...c, yield_MPa: null })) };
    expect(missesOf(blank, { ...NO_NEEDS, yieldMin_MPa: 1 })).toMatchObject([
      { need: 'yieldMin_MPa', has: null, words: 'yield strength not known' },
    ]);
  });
});
