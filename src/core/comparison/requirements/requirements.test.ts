import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../../server/demo/quillmere.data';
import { boardAt } from '../board';
import { prepareStudy, survives } from '../../study';
import { lifetimeQuantity } from '../../brief';
import { bracket, briefOf } from '../../testing/demo-briefs';
import { relaxations, requirementCosts, requirementsOf, withoutAll } from '.';

const ORDER = '2027-01-04';
const costsOf = (brief: ReturnType<typeof briefOf>, q: number) =>
  requirementCosts(relaxations(prepareStudy(brief)), q, ORDER);

describe('what is listed', () => {
  test('a value that is not known and a need answered with no ask for nothing', () => {
    expect(requirementsOf(briefOf({ title: 'Nothing yet' }))).toEqual([]);
    expect(requirementsOf(bracket()).map((r) => r.id)).toEqual([
      'geometry.wallMin_mm',
      'surface.Ra_um',
      'needs.leadFree',
    ]);
  });

  test('each is listed once, and its relaxed brief no longer lists it', () => {
    for (const brief of QUILLMERE_PARTS.map(briefOf)) {
      const list = requirementsOf(brief);
      expect(new Set(list.map((r) => r.id)).size).toBe(list.length);
      for (const r of list) {
        const kept = structuredClone(brief);
        const after = requirementsOf(r.relax(brief));
        expect(brief).toEqual(kept);
        expect(after.length, r.id).toBe(list.length - 1);
      }
    }
  });
});

describe('giving up several', () => {
  test('leaves just the others, whichever holes and dimensions are among them', () => {
    for (const brief of QUILLMERE_PARTS.map(briefOf)) {
      const names = requirementsOf(brief).map((r) => r.name);
      const given = requirementsOf(brief).filter((_, i) => i % 2 === 0);
      const left = requirementsOf(
        withoutAll(
          brief,
          given.map((r) => r.id),
        ),
      );
      expect(left.map((r) => r.name)).toEqual(names.filter((_, i) => i % 2 === 1));
    }
  });

  test('all of them leave a brief that asks for nothing, and unknown ids are passed over', () => {
    const brief = bracket();
    expect(
      requirementsOf(
        withoutAll(
          brief,
          requirementsOf(brief).map((r) => r.id),
        ),
      ),
    ).toEqual([]);
    expect(withoutAll(brief, ['hole.7'])).toBe(brief);
  });
});

describe('what each costs', () => {
  const hub = briefOf(QUILLMERE_PARTS.find((p) => p['title'] === 'Tripod hub'));

  test('is the difference of two boards worked out apart', () => {
    const q = 2400;
    const without = { ...hub, needs: { ...hub.needs, heatTreated: false } };
    const [a, b] = [hub, without].map((x) => boardAt(prepareStudy(x), q, ORDER));
    const cost = costsOf(hub, q).find((c) => c.requirement.id === 'needs.heatTreated');
    const allIn = (board: typeof a): number => board?.lanes.find((l) => l.id === board.leader)?.money?.allIn ?? NaN;
    expect(cost?.adds).toBeCloseTo(allIn(a) - allIn(b), 9);
    expect(cost?.addsInAll).toBeCloseTo(q * (allIn(a) - allIn(b)), 6);
    expect(cost?.adds).toBeGreaterThan(0.1);
  });

  test('the dearest stands first, and every one has a figure for every lane or says that it closes it', () => {
    const costs = costsOf(hub, 2400);
    const inAll = costs.map((c) => c.addsInAll ?? Infinity);
    for (let i = 1; i < inAll.length; i++) expect(inAll[i]).toBeLessThanOrEqual((inAll[i - 1] ?? 0) + 0.01);
    for (const c of costs) expect(c.lanes).toHaveLength(19);
  });

  test('a need that shuts the only doors says which it would open, and which of them would lead', () => {
    const sealed = briefOf(QUILLMERE_PARTS.find((p) => p['title'] === 'Gear head body, sealed'));
    const q = 18_000;
    const without = boardAt(prepareStudy({ ...sealed, needs: { ...sealed.needs, pressureTight: false } }), q, ORDER);
    const closed = boardAt(prepareStudy(sealed), q, ORDER)
      .lanes.filter((l) => l.status === 'blocked')
      .map((l) => l.id);
    const opened = without.lanes.filter((l) => l.status !== 'blocked' && closed.includes(l.id)).map((l) => l.id);
    const tight = costsOf(sealed, q).find((c) => c.requirement.id === 'needs.pressureTight');
    expect(opened).toContain('plaster/resin');
    expect(tight?.opens.toSorted()).toEqual(opened.toSorted());
    expect(tight?.leader).toBe(without.leader);
  });

  test('a date costs the way from the cheapest route to the cheapest in time, and closes those that are late', () => {
    const soon = briefOf({ ...hub, quantity: { ...hub.quantity, firstDelivery: '2027-02-01' } });
    const board = boardAt(prepareStudy(soon), 2400, ORDER);
    const late = board.lanes.filter((l) => l.status !== 'blocked' && (l.dates?.slack_d ?? 0) < 0).map((l) => l.id);
    const date = costsOf(soon, 2400).find((c) => c.requirement.id === 'quantity.firstDelivery');
    expect(late).toContain(board.leader);
    expect(date?.opens.toSorted()).toEqual(late.toSorted());
    expect(date?.adds).toBeGreaterThan(0);
    expect(date?.addsFirst_d).toBeLessThan(0);
  });
});

describe('giving a requirement up', () => {
  const anyBrief = fc
    .record({
      alloy: fc.constantFrom('al-a356', 'al-46000', 'zn-za8', 'cu-red-brass-8555'),
      wallMin_mm: fc.double({ min: 1.5, max: 8, noNaN: true }),
      undercuts: fc.integer({ min: 0, max: 3 }),
      passages: fc.integer({ min: 0, max: 2 }),
      draftAllowed: fc.constantFrom(true, false, 0.5, 2),
      Ra_um: fc.constantFrom(1.6, 3.2, 12.5),
      tol_mm: fc.double({ min: 0.02, max: 2, noNaN: true }),
      mustMachine: fc.boolean(),
      pressureTight: fc.boolean(),
      heatTreated: fc.boolean(),
      cosmeticFace: fc.boolean(),
      thread: fc.boolean(),
      q: fc.integer({ min: 1, max: 200_000 }),
    })
    .map((x) => {
      const base = bracket();
      return {
        q: x.q,
        brief: briefOf({
          ...base,
          alloy: x.alloy,
          geometry: {
            ...base.geometry,
            wallMin_mm: x.wallMin_mm,
            undercuts: x.undercuts,
            passages: x.passages,
            draftAllowed: x.draftAllowed,
            coredHoles: 2,
          },
          surface: { Ra_um: x.Ra_um },
          features: [
            { id: 'f1', name: 'bore', kind: 'bore', nominal_mm: 30, tol_mm: x.tol_mm, mustMachine: x.mustMachine },
          ],
          holes: [{ dia_mm: 8, depth_mm: 12, count: 2, thread: x.thread }],
          needs: {
            ...base.needs,
            leadFree: false,
            pressureTight: x.pressureTight,
            heatTreated: x.heatTreated,
            cosmeticFace: x.cosmeticFace,
          },
        }),
      };
    });

  test('never closes a route and makes none more expensive', () => {
    let compared = 0;
    fc.assert(
      fc.property(anyBrief, ({ brief, q }) => {
        const study = prepareStudy(brief);
        const cheapest = (entry: (typeof study.lanes)[number]): number =>
          Math.min(...entry.costs.map((c) => c.total(q)));
        for (const r of requirementsOf(brief)) {
          const without = prepareStudy(r.relax(brief));
          study.lanes.forEach((entry, i) => {
            const free = without.lanes[i];
            if (!survives(entry) || free === undefined) return;
            expect(survives(free), `${r.id} closes ${entry.lane.id}`).toBe(true);
            expect(cheapest(free), `${r.id} on ${entry.lane.id}`).toBeLessThanOrEqual(cheapest(entry) * (1 + 1e-9));
            compared++;
          });
        }
      }),
      { numRuns: 100 },
    );
    expect(compared).toBeGreaterThan(1000);
  });
});

test('lifetime quantity of every demo part: nothing costs less than nothing', () => {
  for (const brief of QUILLMERE_PARTS.map(briefOf))
    for (const c of costsOf(brief, lifetimeQuantity(brief) ?? 1000)) {
      expect(c.adds ?? 0, c.requirement.id).toBeGreaterThanOrEqual(-1e-9);
      for (const l of c.lanes) expect(l.addsAllIn ?? 0).toBeGreaterThanOrEqual(-1e-9);
    }
});
