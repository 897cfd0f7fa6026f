import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALLOYS, findAlloy, type Alloy } from '../catalogue/alloys';
import { CAPABILITY_FAMILIES, LANES, ROUTES, type CapabilityFamily } from '../catalogue/routes';
import { boardAt } from '../comparison/board';
import {
  absentEntries,
  disorders,
  entryAt,
  ownProcess,
  processEntries,
  BOOK_PROCESS,
  type OwnValues,
  type ProcessValue,
} from '../process-values';
import { prepareStudy } from '../study';
import { wholeAlloy } from '../team-alloys';
import { bracket } from '../testing/demo-briefs';
import { BOOK_PROCESS_REF, ratesOf, SHIPPED_REF } from '.';

const ABSENT = [...absentEntries().values()];
const own = (v: ProcessValue): OwnValues[string] => ({ v, known: 'measured', source: 'trial', date: '2026-12-07' });

/** Sound figures for a metal that a route's tables lack. */
const FIGURES: Readonly<Record<string, ProcessValue>> = {
  'wallMin.0': 3,
  'wallMin.1': 5,
  sectionMax: 40,
  minDia: 12,
  'Ra_um.0': 2,
  'Ra_um.1': 5,
  ct: [6, 7, 8],
  life_shots: [800, 1500, 3000],
  yield: [0.4, 0.5, 0.6],
};

/** Every needed figure for a metal in every table of a route and its variants that lacks it. */
function everyFigure(route: string, metal: CapabilityFamily): Record<string, OwnValues[string]> {
  return Object.fromEntries(
    ABSENT.filter(({ part }) => part.split('/')[0] === route).flatMap(({ path }) => {
      const names = path.split('].')[1]?.replace('[', '.').replace(']', '').split('.') ?? [];
      if (!names.includes(metal)) return [];
      const v = FIGURES[names.filter((name) => name !== metal && name !== 'hole').join('.')];
      return v === undefined ? [] : [[path, own(v)] as const];
    }),
  );
}

describe('a metal that the tables of a route lack', () => {
  test('has its values listed in words and units, none of them the book’s', () => {
    expect(ABSENT.length).toBeGreaterThan(500);
    expect(ABSENT.filter((e) => e.words === '' || e.of === '' || e.unit === '')).toEqual([]);
    expect(ABSENT.filter((e) => /_|[a-z][A-Z]/.test(`${e.of} ${e.words}`))).toEqual([]);
    const book = new Set(processEntries(BOOK_PROCESS).map((e) => e.path));
    expect(ABSENT.filter((e) => book.has(e.path))).toEqual([]);
  });

  test('reads back as what was given, one value at a time, and nothing else moves', () => {
    const single = ABSENT.filter((e) => !e.path.includes('Claim'));
    fc.assert(
      fc.property(fc.nat(single.length - 1), fc.double({ min: 0.1, max: 0.9, noNaN: true }), (i, x) => {
        const entry = single[i] as (typeof single)[number];
        const v: ProcessValue = typeof entry.value === 'number' ? x : [x, x, x];
        const read = processEntries(ownProcess(BOOK_PROCESS, { [entry.path]: own(v) }));
        expect(read.find((e) => e.path === entry.path)?.value).toEqual(v);
        const other = entry.path.replace(/\[[01]\]$/, '');
        const fresh = read.filter((e) => !e.path.startsWith(other) && entryAt(e.path)?.absent === true);
        expect(fresh).toEqual([]);
        expect(processEntries(BOOK_PROCESS).find((e) => e.path === entry.path)).toBeUndefined();
      }),
      { numRuns: 100 },
    );
  });

  test('of a claim is wanted whole', () => {
    const at = (key: string): string => `["spin"].specialistClaim.zinc.${key}`;
    const all = { [at('totalBase_mm')]: own(0.1), [at('upTo_mm')]: own(25), [at('perMm')]: own(0.002) };
    expect(disorders(all).map((d) => d.message)).toEqual(['with it, largest size claimed of the claim are wanted']);
    const whole = { ...all, [at('maxNominal_mm')]: own(200) };
    expect(disorders(whole)).toEqual([]);
    const claim = ownProcess(BOOK_PROCESS, whole)['spin']?.specialistClaim?.zinc;
    expect(claim).toEqual({ totalBase_mm: 0.1, upTo_mm: 25, perMm: 0.002, maxNominal_mm: 200 });
    expect(ownProcess(BOOK_PROCESS, all)['spin']?.specialistClaim?.zinc).toBeUndefined();
  });

  test('cannot be said to be poured before its figures are given, and says which are wanted', () => {
    const path = '["pressure-die/cold"].families.steel.ok';
    const [said] = disorders({ [path]: own('yes') });
    expect(said?.path).toBe(path);
    expect(said?.message).toContain(
      'values of steel are wanted under Pressure die: thinnest wall, thickest section, usual',
    );
    expect(said?.message).toContain('tool life');
    expect(disorders({ [path]: own('yes'), ...everyFigure('pressure-die', 'steel') })).toEqual([]);
    expect(disorders({ [path]: own('no') })).toEqual([]);
  });

  test('once its figures are given is judged, costed and dated on every route like any other', () => {
    const costed: string[] = [];
    for (const route of ROUTES)
      for (const metal of CAPABILITY_FAMILIES) {
        const lanes = LANES.filter((l) => l.route.id === route.id && l.capability.families[metal]?.ok === 'no');
        const from = ALLOYS.find((a) => a.family === metal);
        if (lanes.length === 0 || from === undefined) continue;
        const poured = lanes.flatMap((l) =>
          [`["${l.id}"]`, `["${route.id}"]`].map((part) => `${part}.families.${metal}.ok`),
        );
        const values: OwnValues = {
          ...Object.fromEntries(poured.flatMap((path) => (entryAt(path) === undefined ? [] : [[path, own('yes')]]))),
          ...everyFigure(route.id, metal),
        };
        expect([route.id, metal, disorders(values)]).toEqual([route.id, metal, []]);
        const alloy = wholeAlloy(
          {
            ...{ id: 'own-1', name: 'Ours', version: 1, from: from.id, source: '', date: '2026-12-07' },
            facts: {
              routes: {
                [route.id]: {
                  fit: 'usual',
                  why: 'a shop pours it',
                  pour_C: [from.liquidus_C + 40, from.liquidus_C + 80],
                },
              },
            },
          },
          findAlloy(from.id) as Alloy,
        );
        const rates = ratesOf({
          ...SHIPPED_REF,
          process: { ...BOOK_PROCESS_REF, id: 'own', name: 'Ours', own: values },
          alloys: { key: `${route.id} ${metal}`, list: [alloy], prices: {} },
        });
        const board = boardAt(prepareStudy({ ...bracket(), alloy: 'own-1' }, 'published', rates), 500);
        for (const { id } of lanes) {
          const lane = board.lanes.find((l) => l.id === id);
          expect(lane?.findings.find((f) => f.rule === 'dr-alloy-route')?.status ?? 'fits', `${id} ${metal}`).not.toBe(
            'blocked',
          );
          const { money, dates } = lane ?? {};
          if (money == null) continue;
          costed.push(`${id} ${metal}`);
          expect(Number.isFinite(money.allIn) && money.allIn > 0, `${id} ${metal}`).toBe(true);
          expect(Number.isFinite(dates?.lastPart_d), `${id} ${metal}`).toBe(true);
        }
      }
    expect(costed.length).toBeGreaterThan(30);
  });
});
