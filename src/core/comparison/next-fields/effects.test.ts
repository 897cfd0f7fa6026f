import { describe, expect, test } from 'vitest';
import { ALLOYS } from '../../catalogue/alloys';
import { nextFields, prepareStudy } from '../../study';
import { SHIPPED_RATES } from '../../rates';
import { bracket } from '../../testing/demo-briefs';
import { missesOf, needsOfBrief } from '../alloys';
import { boardAt } from '../board';
import { effectsOf } from '.';
import { TRIALS } from './trials.data';

const effects = (brief: ReturnType<typeof bracket>, paths: readonly string[], q = 2000) =>
  effectsOf(brief, 'published', SHIPPED_RATES, paths, q);

describe('how much hangs on an open field', () => {
  test('is the board of the brief with each value, at its own quantity', () => {
    const brief = bracket({ needs: { ...bracket().needs, environment: null } });
    const [effect] = effects(brief, ['needs.environment']);
    expect(effect?.trials.map((t) => t.words)).toEqual(['indoor', 'outdoor', 'marine', 'hot']);
    for (const t of effect?.trials ?? []) {
      const tried = { ...brief, needs: { ...brief.needs, environment: t.words as 'indoor' } };
      const { perYear, years } = tried.quantity;
      const board = boardAt(prepareStudy(tried), Math.round((perYear ?? 0) * (years ?? 0)));
      const open = board.lanes.filter((l) => l.status !== 'blocked' && l.money !== null);
      expect(t.leader).toBe(board.leader);
      expect(t.allIn).toBe(board.lanes.find((l) => l.id === board.leader)?.money?.allIn ?? null);
      expect(t.routes).toBe(new Set(open.map((l) => l.routeId)).size);
    }
  });

  test('of the alloy is that of every alloy that meets the needs', () => {
    const brief = bracket({ alloy: null });
    const [effect] = effects(brief, ['alloy']);
    const meeting = ALLOYS.filter((a) => missesOf(a, needsOfBrief(brief)).length === 0);
    expect(effect?.trials.map((t) => t.words)).toEqual(meeting.map((a) => a.name));
    const costs = effect?.trials.flatMap((t) => t.allIn ?? []) ?? [];
    expect(Math.max(...costs) / Math.min(...costs)).toBeGreaterThan(1.2);
  });

  test('of an estimated surface is that of 0.6 to 2 times the estimate', () => {
    const brief = bracket({ geometry: { ...bracket().geometry, area_cm2: null } });
    const area = prepareStudy(brief).brief.geometry.area_cm2 ?? NaN;
    const [effect] = effects(brief, ['geometry.area_cm2']);
    expect(effect?.trials.map((t) => Number.parseFloat(t.words) / area)).toEqual([
      expect.closeTo(0.6, 2),
      1,
      expect.closeTo(2, 2),
    ]);
  });

  test('is not told where nothing can be compared, or nothing is known of the field', () => {
    const bare = bracket({ alloy: null, geometry: { ...bracket().geometry, volume_cm3: null } });
    expect(effects(bare, ['alloy', 'geometry.wallMin_mm'])).toEqual([]);
    expect(effects(bracket(), ['alloyWhy'])).toEqual([]);
  });

  test('can be told of every field that a rule may wait for', () => {
    const { geometry, needs, surface } = bracket();
    const emptied = bracket({
      geometry: {
        ...geometry,
        ...{ wallMin_mm: null, sectionMax_mm: null, undercuts: null, passages: null, coredHoles: null },
        draftAllowed: null,
      },
      surface: { ...surface, Ra_um: null },
      needs: { ...needs, environment: null, pressureTight: null, heatTreated: null, welded: null, leadFree: null },
    });
    const open = nextFields(prepareStudy(emptied)).map((f) => f.path);
    expect(open.length).toBeGreaterThan(5);
    const told = effects(emptied, open).map((e) => e.path);
    expect(open.filter((path) => !told.includes(path))).toEqual([]);
  });

  test('every value tried says something the brief did not say', () => {
    const brief = bracket();
    for (const [path, values] of Object.entries(TRIALS)) {
      expect(new Set(values.map((v) => JSON.stringify(v.of(brief)))).size, path).toBe(values.length);
      for (const v of values) expect(Object.keys(v.of(brief)), path).toEqual(Object.keys(brief));
    }
  });
});
