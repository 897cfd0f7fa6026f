import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALLOYS } from '../catalogue/alloys';
import { boardAt } from '../comparison/board';
import { prepareStudy } from '../study';
import { bracket } from '../testing/demo-briefs';
import { workingOf } from '../study/workings';
import {
  limitsOf,
  metalIndex,
  metalPricesAt,
  metalSeries,
  ownRates,
  rateDifferences,
  rateEntries,
  refusedFigure,
  SERIES_FROM,
  SERIES_TO,
  SHIPPED_RATES,
  type OwnFigure,
  type RateEntry,
} from '.';

const ENTRIES = rateEntries(SHIPPED_RATES);
const find = (path: string): RateEntry => ENTRIES.find((e) => e.path === path) as RateEntry;
const own = (figures: Record<string, OwnFigure>, holidays: string[] = []) =>
  ownRates(SHIPPED_RATES, 'own', 'Own', { figures, holidays });

describe('the entries of a rate set', () => {
  test('stand once each, in words, with a unit, inside their own limits', () => {
    expect(new Set(ENTRIES.map((e) => e.path)).size).toBe(ENTRIES.length);
    for (const e of ENTRIES) {
      expect(e.words, `${e.path} has no words of its own`).not.toBe(e.path.split('.').at(-1));
      expect(e.unit, e.path).not.toBe('');
      expect(e.part, e.path).not.toBe('');
      expect(refusedFigure(e, e.value), e.path).toBeNull();
    }
  });
  test('are every alloy’s price and every lane’s coefficients', () => {
    expect(ENTRIES.filter((e) => e.part === 'metals')).toHaveLength(ALLOYS.length);
    for (const lane of Object.keys(SHIPPED_RATES.variants))
      expect(ENTRIES.filter((e) => e.part === lane).length, lane).toBeGreaterThan(40);
  });
  test('are named as the workings name them', () => {
    const study = prepareStudy(bracket());
    const q = 500;
    const named = new Set<string>();
    const walk = (laneId: string, figure: string, seen: Set<string>): void => {
      if (seen.has(figure)) return;
      seen.add(figure);
      for (const s of workingOf(study, laneId, q, figure).symbols) {
        if (s.source === 'rate' && s.path !== null) named.add(s.path);
        if (s.opens !== null && s.opensLane === null) walk(laneId, s.opens, seen);
      }
    };
    for (const lane of boardAt(study, q).lanes)
      if (lane.money !== null)
        for (const figure of ['total', 'firstArticle', 'lastPart']) walk(lane.id, figure, new Set());
    const known = new Set(ENTRIES.map((e) => e.path));
    // A coefficient that a lane does not list is 0 and has no entry.
    const unlisted = [...named].filter((p) => !known.has(p) && !p.startsWith('variants['));
    expect(unlisted).toEqual([]);
    expect(named.size).toBeGreaterThan(100);
  });
});

describe('a shop’s own figure', () => {
  test.each([
    ['global.Rlab', [30, 40, 50], null],
    ['global.Rlab', [0, 0, 0], null],
    ['global.Rlab', [50, 40, 30], 'low ≤ likely ≤ high'],
    ['global.Rlab', 40, 'three figures'],
    ['global.Rlab', [1, 2], 'three figures'],
    ['global.Rlab', [1, Number.NaN, 3], 'a number'],
    ['global.Rlab', [-1, 2, 3], 'at least 0'],
    ['global.Rlab', [1, 2, 1e9], 'at most'],
    ['calendar.calendarPerWorkday', 1.5, null],
    ['calendar.calendarPerWorkday', [1, 1.4, 2], 'one figure'],
    ['calendar.calendarPerWorkday', 0, 'above 0'],
    ['calendar.shift_h', 13, 'at most 12'],
    ['variants["gravity-die/hand"].time.shifts', 1.5, 'whole'],
    ['variants["gravity-die/hand"].time.avail', [0.5, 0.9, 1.2], 'at most 1'],
    ['variants["gravity-die/hand"].stage.sMach', [0, 0.5, 1], 'at most 0.9'],
    ['metals.zn-alloy-3', [0, 1, 2], 'above 0'],
  ])('%s = %j', (path, value, words) => {
    const refused = refusedFigure(find(path), value);
    if (words === null) expect(refused).toBeNull();
    else expect(refused).toContain(words);
  });
  test('stands in the set, marked as the shop’s, and nothing else moves', () => {
    const set = own({ 'global.Rlab': [30, 41, 50], 'variants["gravity-die/hand"].tooling.h0': [10, 20, 30] });
    expect(set.global.Rlab).toMatchObject({ v: [30, 41, 50], basis: 'shop', unit: 'USD/h' });
    expect(rateDifferences(SHIPPED_RATES, set).map((d) => d.entry.path)).toEqual([
      'global.Rlab',
      'variants["gravity-die/hand"].tooling.h0',
    ]);
    expect(rateDifferences(SHIPPED_RATES, set)[0]?.ratio).toBeCloseTo(41 / 36, 12);
    expect(SHIPPED_RATES.global.Rlab.v).toEqual([26, 36, 52]);
  });
  test('for a coefficient that the set does not have is left out', () => {
    expect(rateDifferences(SHIPPED_RATES, own({ 'global.gone': [1, 2, 3] }))).toEqual([]);
  });
  test('of a metal moves the price in the study and its working', () => {
    const study = prepareStudy(bracket(), 'published', own({ 'metals.al-si7mg': [9, 10, 11] }));
    const plain = prepareStudy(bracket());
    const id = plain.alloy?.id ?? '';
    const dear = prepareStudy(bracket(), 'published', own({ [`metals.${id}`]: [9, 10, 11] }));
    expect(dear.alloy?.price_USD_kg).toEqual([9, 10, 11]);
    expect(study.alloy?.id).toBe(id);
    const lane = boardAt(dear, 500).leader ?? '';
    const price = workingOf(dear, lane, 500, 'lot').symbols.find((s) => s.symbol === 'p');
    expect(price).toMatchObject({ value: 10, path: `metals.${id}`, source: 'rate', basis: 'shop' });
  });
});

test('whatever is allowed leaves every figure of every lane finite', () => {
  const one = fc.constantFrom(...ENTRIES).chain((entry) => {
    const { least, most, whole } = limitsOf(entry.path);
    const low = least === Number.MIN_VALUE ? 0.01 : least;
    const number = whole
      ? fc.integer({ min: 1, max: Math.min(most, 50) })
      : fc.double({ min: low, max: Math.min(most, 1000), noNaN: true });
    const value: fc.Arbitrary<OwnFigure> =
      typeof entry.value === 'number' ? number : fc.tuple(number, number, number).map((v) => v.sort((a, b) => a - b));
    return value.map((v) => [entry, v] as const);
  });
  fc.assert(
    fc.property(fc.array(one, { minLength: 1, maxLength: 12 }), (changes) => {
      for (const [entry, value] of changes) expect(refusedFigure(entry, value), entry.path).toBeNull();
      const set = own(Object.fromEntries(changes.map(([entry, value]) => [entry.path, value])));
      for (const lane of boardAt(prepareStudy(bracket(), 'published', set), 700).lanes) {
        if (lane.money === null) continue;
        expect(Number.isFinite(lane.money.total) && lane.money.total >= 0, lane.id).toBe(true);
        expect(Number.isFinite(lane.dates?.lastPart_d), lane.id).toBe(true);
      }
    }),
    { numRuns: 60 },
  );
});

/** Coefficients that are a price or a wage: money, not a time, a share or a count. */
const PRICES = ENTRIES.filter((e) => e.unit.startsWith('USD') && !e.path.startsWith('currency'));

test('doubling a price never lowers the cost of any lane or baseline', () => {
  const brief = bracket({ needs: { ...bracket().needs, pressureTight: true, heatTreated: true } });
  const plain = boardAt(prepareStudy(brief), 900);
  for (const entry of PRICES) {
    const doubled = (typeof entry.value === 'number' ? 2 * entry.value : entry.value.map((x) => 2 * x)) as OwnFigure;
    const dear = boardAt(prepareStudy(brief, 'published', own({ [entry.path]: doubled })), 900);
    dear.lanes.forEach((lane, i) => {
      const was = plain.lanes[i]?.money?.total;
      if (was !== undefined)
        expect(lane.money?.total, `${entry.path} on ${lane.id}`).toBeGreaterThanOrEqual(was - 1e-6);
    });
    dear.baselines.forEach((b, i) => {
      const was = plain.baselines[i];
      if (was?.barred === null) expect(b.total, `${entry.path} on ${b.id}`).toBeGreaterThanOrEqual(was.total - 1e-6);
    });
  }
}, 120_000);

describe('holidays', () => {
  const dated = bracket({ quantity: { ...bracket().quantity, orderDate: '2027-01-04', firstDelivery: '2027-06-01' } });
  const first = (holidays: string[]): number =>
    boardAt(prepareStudy(dated, 'published', own({}, holidays)), 500, '2027-01-04').lanes[0]?.dates?.firstArticle_d ??
    0;
  const free = first([]);
  test('before the first article push it by a working day each, weekends apart', () => {
    expect(first(['2027-01-06', '2027-01-07'])).toBeCloseTo(free + 2 * 1.4, 9);
    expect(first(['2027-01-09', '2027-01-10'])).toBe(free);
    expect(first(['2026-12-25', '2030-01-01'])).toBe(free);
    expect(first(['2027-01-06', '2027-01-06'])).toBeCloseTo(free + 1.4, 9);
  });
  test('are told in the working of the first article', () => {
    const study = prepareStudy(dated, 'published', own({}, ['2027-01-06']));
    const lane = study.lanes.find((l) => l.costs.length > 0)?.lane.id ?? '';
    const w = workingOf(study, lane, 500, 'firstArticle');
    expect(w.symbols.find((s) => s.symbol === 'shut')?.value).toBeCloseTo(1.4, 9);
    expect(w.value).toBeCloseTo(boardAt(study, 500).lanes.find((l) => l.id === lane)?.dates?.firstArticle_d ?? 0, 9);
  });
  test('are told in the dates of the ways without a casting, and in their workings', () => {
    const study = prepareStudy(dated, 'published', own({}, ['2027-01-06']));
    const [free, shut] = [prepareStudy(dated), study].map((s) =>
      boardAt(s, 500).baselines.find((b) => b.id === 'machined'),
    );
    expect(shut?.firstArticle_d).toBeCloseTo((free?.firstArticle_d ?? NaN) + 1.4, 9);
    expect(workingOf(study, 'machined', 500, 'firstArticle').value).toBe(shut?.firstArticle_d);
    expect(workingOf(study, 'machined', 500, 'lastPart').value).toBe(shut?.lastPart_d);
  });
  test('count from the order date of the brief only', () => {
    const undated = bracket({ quantity: { ...bracket().quantity, orderDate: null } });
    const day = (holidays: string[]) =>
      boardAt(prepareStudy(undated, 'published', own({}, holidays)), 500).lanes[0]?.dates?.firstArticle_d;
    expect(day(['2027-01-06'])).toBe(day([]));
  });
});

describe('the simulated metal prices', () => {
  const families = [...new Set(ALLOYS.map((a) => a.family))];
  test('walk every working day for every family, at par where the table was made', () => {
    for (const family of families) {
      const series = metalSeries(family);
      expect(series[0]?.date, family).toBe(SERIES_FROM);
      expect(series.length).toBeGreaterThan(900);
      expect(metalIndex(family, '2026-01-02')).toBe(1);
      for (const { index } of series) expect(index > 0.3 && index < 3, family).toBe(true);
      expect(new Set(series.map((d) => d.index)).size).toBeGreaterThan(series.length - 5);
    }
  });
  test('keep Friday’s price over the weekend and refuse days outside', () => {
    expect(metalIndex('zinc', '2026-11-22')).toBe(metalIndex('zinc', '2026-11-20'));
    expect(metalIndex('zinc', SERIES_TO)).toBeGreaterThan(0);
    expect(() => metalIndex('zinc', '2023-12-31')).toThrow(/2024-01-01/);
    expect(() => metalIndex('zinc', '2026-02-30')).toThrow(/real date/);
    expect(() => metalIndex('unobtainium', '2026-02-20')).toThrow(/zinc/);
  });
  test('fill a price for every alloy, in order, that the set takes', () => {
    const prices = metalPricesAt(SHIPPED_RATES, '2026-11-20');
    expect(Object.keys(prices)).toHaveLength(ALLOYS.length);
    for (const [path, value] of Object.entries(prices)) expect(refusedFigure(find(path), value), path).toBeNull();
    const zinc = ALLOYS.find((a) => a.family === 'zinc');
    const price = prices[`metals.${zinc?.id}`] as readonly [number, number, number];
    expect(price[1]).toBeCloseTo((zinc?.price_USD_kg[1] ?? 0) * metalIndex('zinc', '2026-11-20'), 2);
  });
});
