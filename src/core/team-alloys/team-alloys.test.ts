import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALLOYS, findAlloy, type Alloy } from '../catalogue/alloys';
import { boardAt } from '../comparison/board';
import { alloyPairs } from '../comparison/alloys';
import { parseBrief } from '../brief';
import { ratesOf, SHIPPED_REF, packedRates, type RateRef } from '../rates';
import { prepareStudy } from '../study';
import { bracket } from '../testing/demo-briefs';
import { alloyChanges, parseAlloyFacts, wholeAlloy, type AlloyFacts, type TeamAlloy } from '.';

const base = findAlloy('al-a356') as Alloy;
const own = (facts: AlloyFacts, more: Partial<TeamAlloy> = {}): TeamAlloy => ({
  ...{ id: 'own-1', name: 'Ours', version: 1, from: base.id, facts, source: 'data sheet', date: '2026-11-02' },
  ...more,
});
const withOwn = (list: readonly Alloy[], prices: NonNullable<RateRef['alloys']>['prices'] = {}): RateRef => ({
  ...SHIPPED_REF,
  alloys: { key: JSON.stringify([list, prices]), list, prices },
});
const boardOf = (alloy: string, ref: RateRef) =>
  boardAt(prepareStudy({ ...bracket(), alloy }, 'published', ratesOf(ref)), 2000);

describe('an alloy of a team’s own', () => {
  test('that says nothing is the alloy it was copied from in every figure of the board', () => {
    for (const { id } of ALLOYS.filter((_, i) => i % 7 === 0)) {
      const from = findAlloy(id) as Alloy;
      const copy = wholeAlloy(own({}, { from: id }), from);
      const [mine, book] = [boardOf('own-1', withOwn([copy])), boardOf(id, SHIPPED_REF)];
      expect(mine.leader, id).toBe(book.leader);
      expect(mine.lanes.map((l) => [l.id, l.status, l.money?.allIn, l.dates?.lastPart_d])).toEqual(
        book.lanes.map((l) => [l.id, l.status, l.money?.allIn, l.dates?.lastPart_d]),
      );
    }
  });

  test('is heavier, dearer and barred where it says so', () => {
    const heavy = wholeAlloy(
      own({
        density_kg_m3: base.density_kg_m3 * 2,
        price_USD_kg: [30, 31, 32],
        routes: { 'gravity-die': { fit: 'no', why: 'it cracks there' } },
      }),
      base,
    );
    const study = prepareStudy({ ...bracket(), alloy: 'own-1' }, 'published', ratesOf(withOwn([heavy])));
    const book = prepareStudy(bracket({ alloy: base.id }));
    expect((study.facts?.m ?? 0) / (book.facts?.m ?? 1)).toBeCloseTo(2, 9);
    const lane = study.lanes.find((l) => l.lane.id === 'gravity-die/hand');
    expect(lane?.screening?.findings.find((f) => f.rule === 'dr-alloy-route')).toMatchObject({ status: 'blocked' });
    expect(
      boardOf('own-1', withOwn([heavy])).lanes.find((l) => l.id === 'green-sand/bench')?.money?.allIn,
    ).toBeGreaterThan(
      boardOf(base.id, SHIPPED_REF).lanes.find((l) => l.id === 'green-sand/bench')?.money?.allIn ?? Infinity,
    );
    expect(heavy.basis['density']).toBe('shop');
    expect(heavy.basis['thermal']).toBe(base.basis['thermal']);
    expect(heavy.team).toMatchObject({ from: base.id, own: ['density_kg_m3', 'price_USD_kg', 'routes'] });
  });

  test('is compared with the others, and is not once it is put away', () => {
    const copy = wholeAlloy(own({}), base);
    const ids = (list: readonly Alloy[]): string[] =>
      alloyPairs(bracket(), 'published', ratesOf(withOwn(list)), 500).map((p) => p.alloyId);
    expect(ids([copy])).toContain('own-1');
    const away: Alloy = { ...copy, team: { ...(copy.team as NonNullable<Alloy['team']>), archived: true } };
    expect(ids([away])).not.toContain('own-1');
    expect(boardOf('own-1', withOwn([away])).leader).not.toBeNull();
  });

  test('goes into a record alone, however many there are', () => {
    const list = [1, 2, 3].map((n) => wholeAlloy(own({}, { id: `own-${n}` }), base));
    const packed = packedRates(ratesOf(withOwn(list)), 'own-2');
    expect(packed.alloys?.map((a) => a.id)).toEqual(['own-2']);
  });

  test('is known to a brief only where the team has it', () => {
    const raw = { ...bracket(), alloy: 'own-1' };
    const alone = parseBrief(raw);
    expect(alone.ok ? [] : alone.issues.map((i) => [i.path, i.value])).toEqual([['alloy', 'own-1']]);
    expect(parseBrief(raw, new Set(['own-1'])).ok).toBe(true);
  });
});

describe('the price of a metal', () => {
  const price = { low: 9, likely: 10, high: 12, date: '2026-11-02', source: 'offer 7' };
  const allIn = (ref: RateRef): number =>
    boardOf(base.id, ref).lanes.find((l) => l.id === 'green-sand/bench')?.money?.allIn ?? NaN;
  test('of the team counts, tells where it was read, and gives way to one that the rate set changed itself', () => {
    const dear = withOwn([], { [base.id]: price });
    expect(allIn(dear)).toBeGreaterThan(allIn(SHIPPED_REF));
    expect(ratesOf(dear).metals?.[base.id]).toMatchObject({
      v: [9, 10, 12],
      basis: 'shop',
      note: 'offer 7, 2026-11-02',
    });
    const figures = { [`metals.${base.id}`]: [1, 2, 3] as const };
    const set = { ...dear, id: 'ours', name: 'Ours', own: { figures, holidays: [] } };
    expect(ratesOf(set).metals?.[base.id]?.v).toEqual([1, 2, 3]);
    expect(allIn(set)).toBeLessThan(allIn(SHIPPED_REF));
  });
});

describe('facts of an alloy', () => {
  const issuesOf = (raw: unknown): (readonly [string, unknown])[] => {
    const read = parseAlloyFacts(raw, base);
    return read.ok ? [] : read.issues.map((i) => [i.path, i.value] as const);
  };
  test.each<readonly [AlloyFacts | object, string, unknown]>([
    [{ density_kg_m3: -1 }, 'density_kg_m3', -1],
    [{ density_kg_m3: 'heavy' }, 'density_kg_m3', 'heavy'],
    [{ price_USD_kg: [3, 2, 1] }, 'price_USD_kg', [3, 2, 1]],
    [{ fluidity: 6 }, 'fluidity', 6],
    [{ family: 'cheese' }, 'family', 'cheese'],
    [{ hazards: ['bears'] }, 'hazards.0', 'bears'],
    [{ solidus_C: 700 }, 'solidus_C', 700],
    [{ liquidus_C: 400 }, 'liquidus_C', 400],
    [{ routes: { spin: { fit: 'possible', why: '' } } }, 'routes.spin.pour_C', null],
    [{ routes: { spin: { fit: 'usual', why: '', pour_C: [300, 320] } } }, 'routes.spin.pour_C', '300 / 320'],
  ])('%j is refused by the name of its field', (raw, path, value) => {
    expect(issuesOf(raw)).toContainEqual([path, value]);
  });

  test('of every alloy of the table, told as one’s own, are taken and change nothing', () => {
    for (const a of ALLOYS) {
      const facts = {
        family: a.family,
        density_kg_m3: a.density_kg_m3,
        solidus_C: a.solidus_C,
        liquidus_C: a.liquidus_C,
        price_USD_kg: a.price_USD_kg,
        patternShrink_pct: a.patternShrink_pct,
        hazards: a.hazards,
        routes: Object.fromEntries(
          Object.entries(a.routes).map(([id, r]) => [
            id,
            { fit: r.fit, why: r.why, ...(a.pour_C[id] === undefined ? {} : { pour_C: a.pour_C[id] }) },
          ]),
        ),
      };
      const read = parseAlloyFacts(facts, a);
      expect(read.ok ? [] : read.issues, a.id).toEqual([]);
      const whole = wholeAlloy(own(facts, { from: a.id }), a);
      expect({ ...whole, id: a.id, name: a.name, near: a.near, nearAlternatives: a.nearAlternatives }).toMatchObject({
        pour_C: a.pour_C,
        routes: a.routes,
        freezingRange_C: a.liquidus_C - a.solidus_C,
        freezing: a.freezing,
      });
    }
  });

  test('that differ are told one by one, and none where nothing does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 600, max: 20_000 }), fc.integer({ min: 1, max: 5 }), (density, fluidity) => {
        const was = own({ density_kg_m3: density, fluidity });
        expect(alloyChanges(was, structuredClone(was))).toEqual([]);
        expect(alloyChanges(was, own({ fluidity }))).toEqual([{ path: 'density_kg_m3', was: density, became: null }]);
      }),
    );
  });
});
