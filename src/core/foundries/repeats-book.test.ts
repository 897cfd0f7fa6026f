import fc from 'fast-check';
import { expect, test } from 'vitest';
import { demoBriefs } from '../../server/demo/seed';
import { lifetimeQuantity, type Brief } from '../brief';
import { LANES, type Capability, type CapabilityFamily, type Lane } from '../catalogue/routes';
import { boardAt, type BoardLane } from '../comparison/board';
import type { TolerancePolicy } from '../part';
import { foundriesAt, SHIPPED_RATES } from '../rates';
import { prepareStudy } from '../study';
import { StudyWorkings } from '../phased-plans';
import { FIGURES } from '../study/workings';
import { parseFoundryProfile, type Foundry, type FoundryLine, type FoundryProfile } from '.';

const DATE = { basis: 'measured', date: '2026-12-07' } as const;
const say = <T>(v: T) => ({ v, ...DATE });

/** What the book says of a lane, told as a foundry would tell it of one metal. */
function lineOf({ id, capability: c }: Lane, family: CapabilityFamily, school: TolerancePolicy): FoundryLine {
  const [route = '', variant = ''] = id.split('/');
  const rates = SHIPPED_RATES.variants[id];
  const wall = c.wallMin[family];
  const life = c.life_shots[family] ?? c.life_shots.any;
  const special = c.hole.minDiaSpecialist?.[family] ?? c.hole.minDiaSpecialist?.any;
  const usual = c.hole.minDia[family] ?? c.hole.minDia.any ?? Infinity;
  const core = school === 'specialist' && special !== undefined ? Math.min(usual, special) : usual;
  const maxBy = c.mass_kg.maxBy?.[family];
  const Y = c.yield[family];
  return {
    route,
    variant,
    ...(maxBy === undefined
      ? {
          mass_kg: say({
            least: c.mass_kg.min,
            usual: c.mass_kg.max,
            exceptional: c.mass_kg.exceptional,
            most: c.mass_kg.specialist,
          }),
        }
      : {}),
    size_mm: say({ usual: c.size_mm.max, exceptional: c.size_mm.exceptional, most: c.size_mm.specialist }),
    ...(wall === undefined
      ? {}
      : {
          wall_mm: say({
            [family]: {
              usual: wall[1],
              exceptional: wall[0],
              least: Math.min(wall[0], c.wallSpecialist?.[family] ?? wall[0]),
            },
          }),
        }),
    ...(c.sectionMax[family] === undefined ? {} : { sectionMax_mm: say(c.sectionMax[family]) }),
    ...(Number.isFinite(core) ? { holeMin_mm: say(core) } : {}),
    ...(c.Ra_um[family] === undefined ? {} : { finish: say({ Ra_um: c.Ra_um[family][1] }) }),
    scrap: say({ new: c.scrap.new.v, settled: c.scrap.settled.v }),
    warmUpPours: say(c.warmUpPours.v),
    ...(life === undefined ? {} : { toolLife: say(life) }),
    ...(Y === undefined ? {} : { yield: say(Y) }),
    ...(rates === undefined || typeof rates.time.capPours.v === 'number'
      ? {}
      : { poursPerShift: say(rates.time.capPours.v[1]) }),
  };
}

/** A foundry for each lane, all of them repeating the book. */
function bookFoundries(family: CapabilityFamily, school: TolerancePolicy): Foundry[] {
  return LANES.map((lane) => {
    const time = SHIPPED_RATES.variants[lane.id]?.time;
    const { shift_h, workdaysPerWeek } = SHIPPED_RATES.calendar;
    return {
      id: lane.id,
      name: `Repeats ${lane.id}`,
      version: 1,
      profile: {
        lines: [lineOf(lane, family, school)],
        ...(time === undefined
          ? {}
          : {
              shifts: say({ n: time.shifts, hours: shift_h, daysPerWeek: workdaysPerWeek }),
              queue_workingDays: say(time.queue.v),
              toolroom: say({ own: true, changeDays: likelyOf(time.tool.loopDays.v) }),
            }),
      },
    };
  });
}
const likelyOf = (v: number | readonly [number, number, number]): number => (typeof v === 'number' ? v : v[1]);

/** All that a board says of a lane but whose values they are. */
const plain = ({ findings, programme, foundry: _f, stands: _w, ...lane }: BoardLane) => ({
  ...lane,
  dates: lane.dates === null ? null : { ...lane.dates, time: JSON.stringify(lane.dates.time) },
  money: JSON.stringify(lane.money),
  findings: findings.map(({ source: _s, ...f }) => f),
  programme,
});

const SCHOOLS = ['published', 'shop', 'specialist'] as const satisfies readonly TolerancePolicy[];
const BRIEFS: readonly Brief[] = demoBriefs();

test('a profile that repeats the book gives the result of the book, to the digit', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: BRIEFS.length - 1 }),
      fc.constantFrom(...SCHOOLS),
      fc.double({ min: 0.2, max: 3, noNaN: true }),
      fc.integer({ min: 1, max: 100_000 }),
      (i, school, larger, q) => {
        const said = BRIEFS[i] as Brief;
        const g = said.geometry;
        // Sizes that no demo part has: larger and smaller ones, so that limits are met and passed.
        const brief: Brief = {
          ...said,
          geometry: {
            ...g,
            volume_cm3: (g.volume_cm3 ?? 1) * larger ** 3,
            area_cm2: (g.area_cm2 ?? 1) * larger ** 2,
            box_mm: g.box_mm === null ? null : [g.box_mm[0] * larger, g.box_mm[1] * larger, g.box_mm[2] * larger],
          },
        };
        const book = prepareStudy(brief, school);
        const family = book.facts?.family ?? 'aluminium';
        const all = foundriesAt(SHIPPED_RATES, { judged: 'all', list: bookFoundries(family, school) });
        const asked = boardAt(prepareStudy(brief, school, all), q);
        const expected = boardAt(book, q);
        expect(asked.leader).toBe(expected.leader);
        expect(asked.lanes.map(plain)).toEqual(expected.lanes.map(plain));
        expect(asked.baselines).toEqual(expected.baselines);
        const leader = expected.leader ?? LANES[0]?.id ?? '';
        const one = bookFoundries(family, school).filter((f) => f.id === leader);
        const single = boardAt(
          prepareStudy(brief, school, foundriesAt(SHIPPED_RATES, { judged: 'one', list: one })),
          q,
        );
        // Alone at its foundry it has no other route beside it.
        const its = (lanes: readonly BoardLane[]) =>
          lanes.filter((l) => l.id === leader).map((l) => ({ ...plain(l), cells: { ...l.cells, perPart: null } }));
        expect(its(single.lanes)).toEqual(its(expected.lanes));
      },
    ),
    { numRuns: 40 },
  );
});

test('every profile of the test is one that a foundry could send', () => {
  for (const { profile } of bookFoundries('aluminium', 'published'))
    expect(parseFoundryProfile(JSON.parse(JSON.stringify(profile)))).toMatchObject({ ok: true });
});

test('an empty profile changes nothing but that no lane is run', () => {
  const [brief] = BRIEFS;
  const nobody: Foundry = { id: 'x', name: 'X', version: 1, profile: { lines: [] } };
  const at = prepareStudy(brief as Brief, 'published', foundriesAt(SHIPPED_RATES, { judged: 'one', list: [nobody] }));
  const book = prepareStudy(brief as Brief);
  const q = lifetimeQuantity(brief as Brief) ?? 1;
  expect(boardAt(at, q).leader).toBeNull();
  expect(boardAt(at, q).lanes.map((l) => l.money?.total)).toEqual(boardAt(book, q).lanes.map((l) => l.money?.total));
  expect(at.lanes.every((l) => l.screening?.findings[0]?.rule === 'foundry-runs')).toBe(true);
});

test('what the profile lacks stays the book’s, key by key', () => {
  const keys = (c: Capability) => Object.keys(c).sort();
  const foundry: Foundry = {
    id: 'y',
    name: 'Y',
    version: 1,
    profile: { lines: [{ route: 'gravity-die', variant: 'hand', scrap: say({ new: 0.05, settled: 0.02 }) }] },
  };
  const at = foundriesAt(SHIPPED_RATES, { judged: 'one', list: [foundry] });
  for (const lane of LANES) {
    const own = at.lanes?.find((l) => l.id === lane.id);
    if (own === undefined) throw new Error(lane.id);
    if (lane.id !== 'gravity-die/hand') expect(own).toBe(lane);
    else {
      expect(keys(own.capability)).toEqual(keys(lane.capability));
      expect(own.capability.scrap.settled.v).toEqual([0.02, 0.02, 0.02]);
      expect({ ...own.capability, scrap: null }).toEqual({ ...lane.capability, scrap: null });
      expect(own.sources?.['scrap']).toEqual({ who: 'Y', known: 'measured', source: '', date: '2026-12-07' });
    }
  }
});

test('a working names the foundry whose value it uses, how it is known and since when', () => {
  const brief = BRIEFS.find((b) => b.title === 'Tripod hub') as Brief;
  const profile: FoundryProfile = {
    lines: [{ route: 'gravity-die', variant: 'hand', scrap: say({ new: 0.05, settled: 0.02 }), warmUpPours: say(4) }],
  };
  const one: Foundry = { id: 'z', name: 'Foundry of the test', version: 1, profile };
  const study = prepareStudy(brief, 'published', foundriesAt(SHIPPED_RATES, { judged: 'one', list: [one] }));
  const of = new StudyWorkings(study, 2000);
  const notes = FIGURES.flatMap((figure) => {
    try {
      return of.working('gravity-die/hand', figure).symbols.map((s) => `${s.path ?? ''}: ${s.note ?? ''}`);
    } catch {
      return [];
    }
  });
  expect(notes).toContain('warmUpPours: Foundry of the test, measured, 2026-12-07');
});
