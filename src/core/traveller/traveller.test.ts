import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { lifetimeQuantity, lotSize } from '../brief';
import { PROCESSES } from '../catalogue/process-steps';
import { methodOf } from '../method';
import { bestLayout, prepareStudy } from '../study';
import { bracket, briefOf } from '../testing/demo-briefs';
import { refusalOf } from '../testing/refusal';
import { STEP_VALUES } from './settings.data';
import { travellerCsv, travellerOf } from '.';

const STUDIES = QUILLMERE_PARTS.map((p) => {
  const brief = briefOf(p);
  return {
    title: brief.title,
    study: prepareStudy(brief),
    lot: Math.round(lotSize(brief, lifetimeQuantity(brief) ?? 1)),
  };
});
const START = '2027-01-04';

describe('a traveller', () => {
  test('of every demo part on every route promises no more than it starts, and is filled with the part’s values', () => {
    const filled = new Set<string>();
    for (const { title, study, lot } of STUDIES)
      for (const { lane, costs, model } of study.lanes) {
        if (costs.length === 0 || model === null) continue;
        const t = travellerOf(study, { laneId: lane.id, good: lot, startDate: START });
        const name = `${title}, ${lane.id}`;
        const q = t.quantity;
        expect(q.castings, name).toBeGreaterThanOrEqual(lot);
        expect(q.pours * q.positions, name).toBeGreaterThanOrEqual(q.castings);
        expect(q.melt_kg, name).toBeGreaterThan(q.castings * (study.facts?.m ?? 0) * 0.999);
        expect(q.returns_kg, name).toBeLessThan(q.melt_kg);
        expect(t.stops.length, name).toBeGreaterThan(3);
        expect(new Set([...t.stops, ...t.steps].map((x) => x.id)).size, name).toBe(t.stops.length + t.steps.length);
        for (const s of t.steps) {
          for (const v of s.values) expect(Number.isFinite(v.value), `${name} ${v.id}`).toBe(true);
          if (s.values.length > 0) filled.add(s.id);
        }
        expect(
          t.steps.some((s) => s.phase === 'pour' && s.values.some((v) => v.id === 'pour')),
          name,
        ).toBe(true);
        const days = t.steps.flatMap((s) => (s.time === null ? [] : [s.time.from_d]));
        expect(days.length, name).toBeGreaterThan(0);
      }
    for (const { id, baseline } of PROCESSES)
      if (!baseline) expect([...filled].filter((f) => f.startsWith(`${id}.`)).length, id).toBeGreaterThan(1);
  });

  test('is made in the layout of the programme, however small the lot', () => {
    for (const { title, study } of STUDIES)
      for (const entry of study.lanes) {
        if (entry.costs.length === 0 || entry.model === null) continue;
        const programme = bestLayout(entry, lifetimeQuantity(study.brief) ?? 1)?.cost.plan.n;
        const t = travellerOf(study, { laneId: entry.lane.id, good: 1, startDate: START });
        expect(t.quantity.positions, `${title}, ${entry.lane.id}`).toBe(programme);
      }
  });

  test('names no value that no method has', () => {
    const ids = new Set(
      STUDIES.flatMap(({ study }) =>
        study.lanes
          .filter((l) => l.costs.length > 0)
          .flatMap((l) => {
            const m = methodOf(study, l.lane.id, 500);
            return [...m.givens, ...m.figures].map((x) => x.id);
          }),
      ),
    );
    expect(
      Object.values(STEP_VALUES)
        .flat()
        .filter((id) => !ids.has(id)),
    ).toEqual([]);
    const words = new Set(PROCESSES.flatMap((p) => p.steps.map((s) => s.id.split('.')[1])));
    expect(Object.keys(STEP_VALUES).filter((word) => !words.has(word))).toEqual([]);
  });

  test('stops where the method refuses, and says the values that were typed', () => {
    const typed = {
      ...bracket(),
      overrides: { ...bracket().overrides, method: { 'green-sand/bench': { copeMass: 1, clamps: 0, pour: 705 } } },
    };
    const t = travellerOf(prepareStudy(typed), { laneId: 'green-sand/bench', good: 50, startDate: START });
    expect(t.stops.find((s) => s.id === 'stop.clamps')?.refused).toBe(true);
    const poured = t.steps.flatMap((s) => s.values).find((v) => v.id === 'pour');
    expect(poured).toMatchObject({ value: 705, range: null });
  });

  test('counts its days past the days that are closed', () => {
    const study = prepareStudy(bracket());
    const shut = {
      ...study,
      rates: { ...study.rates, calendar: { ...study.rates.calendar, holidays: ['2027-01-05', '2027-01-06'] } },
    };
    const last = (s: typeof study): number =>
      Math.max(
        ...travellerOf(s, { laneId: 'plaster/resin', good: 50, startDate: START }).steps.map(
          (x) => x.time?.from_d ?? 0,
        ),
      );
    expect(last(shut)).toBeGreaterThan(last(study));
  });

  test('is written as CSV that is read back row for row, and never as a formula', () => {
    const study = prepareStudy({ ...bracket(), title: '=HYPERLINK("x"), "quoted"' });
    const t = travellerOf(study, { laneId: 'gravity-die/hand', good: 30, startDate: START });
    const { data, errors } = Papa.parse<string[]>(travellerCsv(t).trim());
    expect(errors).toEqual([]);
    expect(data[0]).toEqual(['kind', 'step', 'name', 'what', 'value', 'low', 'high', 'unit']);
    for (const row of data) expect(row).toHaveLength(8);
    expect(data.filter((r) => r[0] === 'stop')).toHaveLength(t.stops.length);
    expect(data.filter((r) => r[0] === 'step')).toHaveLength(t.steps.length);
    expect(data.find((r) => r[0] === 'lot')?.[2]?.startsWith("'=")).toBe(true);
  });

  test.each([
    [{ laneId: 'no-such/lane' }, 'E_KEY'],
    [{ good: 0 }, 'E_RANGE'],
    [{ good: 2_000_000 }, 'E_RANGE'],
    [{ startDate: '2027-02-30' }, 'E_DATE'],
    [{ laneId: 'spin/organic-rubber' }, 'E_NO_VALUE'],
  ])('with %j is refused as %s', (more, code) => {
    const study = prepareStudy(bracket());
    expect(
      bestLayout(
        study.lanes.find((l) => l.lane.id === 'green-sand/bench')!,
        50,
      ),
    ).not.toBeNull();
    expect(
      refusalOf(() => travellerOf(study, { laneId: 'green-sand/bench', good: 50, startDate: START, ...more })),
    ).toBe(code);
  });
});
