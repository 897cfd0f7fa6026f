import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../brief';
import { LANES } from '../catalogue/routes';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { bracket, briefOf } from '../testing/demo-briefs';
import { recompute } from '../testing/recompute';
import { prepareStudy, survives } from '../study';
import { methodOf, methodWorking, type Method } from '.';

const STUDIES = QUILLMERE_PARTS.map((p) => {
  const brief = briefOf(p);
  return { title: brief.title, study: prepareStudy(brief), q: lifetimeQuantity(brief) ?? 1 };
});
/** A flat plate that may lie open: the one route that no demo part takes. */
const FLAT = bracket({
  geometry: {
    ...{ volume_cm3: 60, area_cm2: 140, box_mm: [90, 60, 12], wallMin_mm: 10, sectionMax_mm: 12, projected_cm2: 50 },
    ...{ undercuts: 0, passages: 0, coredHoles: 0, draftAllowed: true, flatFace: true },
  },
});
const PEWTER = bracket({
  alloy: 'sn-pewter',
  geometry: {
    ...{ volume_cm3: 4, area_cm2: 22, box_mm: [34, 30, 10], wallMin_mm: 1.6, sectionMax_mm: 4, projected_cm2: 8 },
    ...{ undercuts: 0, passages: 0, coredHoles: 0, draftAllowed: true },
  },
});
STUDIES.push({ title: 'Flat plate', study: prepareStudy(FLAT), q: 200 });
STUDIES.push({ title: 'Pewter badge', study: prepareStudy(PEWTER), q: 400 });
const METHODS = STUDIES.flatMap(({ title, study, q }) =>
  study.lanes
    .filter((l) => l.costs.length > 0)
    .map((l) => ({ name: `${title}, ${l.lane.id}`, method: methodOf(study, l.lane.id, q), open: survives(l) })),
);

describe('the method of every demo part on every route that it has money on', () => {
  test('is there for all variants, its figures finite, each with a unit and a group', () => {
    const met = new Set(METHODS.map((m) => m.method.laneId));
    expect(LANES.map((l) => l.id).filter((id) => !met.has(id))).toEqual([]);
    for (const { name, method } of METHODS) {
      expect(method.figures.length, name).toBeGreaterThan(15);
      for (const f of method.figures) expect(Number.isFinite(f.value), `${name}: ${f.id} ${f.value}`).toBe(true);
      for (const g of method.givens) expect(Number.isFinite(g.value), `${name}: ${g.id}`).toBe(true);
      expect(new Set([...method.figures, ...method.givens].map((x) => x.id)).size, name).toBe(
        method.figures.length + method.givens.length,
      );
    }
  });

  test('opens: what is printed comes to the figure, and every symbol that opens is a figure of the sheet', () => {
    for (const { name, method } of METHODS)
      for (const { id, working } of method.figures) {
        expect(Math.abs(recompute(working) - working.value), `${name}: ${id}`).toBeLessThanOrEqual(
          1e-9 * Math.max(1, Math.abs(working.value)),
        );
        for (const s of working.symbols) {
          if (s.opens === null) continue;
          expect(methodWorking(method, s.opens)?.value, `${name}: ${id} opens ${s.opens}`).toBeCloseTo(s.value, 9);
        }
      }
  });

  test('says something of feeding, of forces or freezing and of safety, and what to do where it refuses', () => {
    for (const { name, method } of METHODS) {
      expect(method.findings.length, name).toBeGreaterThan(1);
      for (const f of method.findings) if (f.level !== 'fits') expect(f.fix, `${name}: ${f.id}`).not.toBe('');
    }
  });

  test('is worked out in under 30 ms', () => {
    const { study, q } = STUDIES[5] ?? STUDIES[0]!;
    let least = Infinity;
    for (let i = 0; i < 8; i++) {
      const start = performance.now();
      methodOf(study, 'gravity-die/hand', q);
      least = Math.min(least, performance.now() - start);
    }
    // A guard against a blunder; the bench holds the figure.
    expect(least).toBeLessThan(300);
  });
});

const bracketStudy = prepareStudy(bracket());
const of = (laneId: string, own: Record<string, number> = {}): Method => methodOf(bracketStudy, laneId, 2000, own);
const figure = (m: Method, id: string): number => m.figures.find((f) => f.id === id)?.value ?? NaN;
const level = (m: Method, id: string): string | undefined => m.findings.find((f) => f.id === id)?.level;

describe('a method', () => {
  test('makes the tool larger by every stage of shrink, and the raw casting by its allowance', () => {
    for (const laneId of ['green-sand/bench', 'shell-investment/wax-die', 'spin/silicone-rubber', 'gravity-die/hand']) {
      const study = STUDIES.find((s) => s.study.lanes.some((l) => l.lane.id === laneId && l.costs.length > 0));
      const m = methodOf(study!.study, laneId, study!.q);
      expect(m.sizes.length, laneId).toBeGreaterThan(0);
      const factor = figure(m, 'shrinkAll');
      const heldFactor = m.figures.find((f) => f.id === 'shrinkAllHeld')?.value ?? factor;
      expect(heldFactor).toBeLessThanOrEqual(factor);
      for (const s of m.sizes) {
        const held = m.givens.find((g) => g.id === s.held)?.value === 1;
        expect(s.tool_mm / s.raw_mm).toBeCloseTo(held ? heldFactor : factor, 9);
      }
    }
    const wax = methodOf(STUDIES[3]!.study, 'shell-investment/wax-die', 4500);
    const [a, b] = ['shrinkWax', 'shrinkMetal'].map((id) => wax.givens.find((g) => g.id === id)?.value ?? 0);
    expect(figure(wax, 'shrinkAll')).toBeCloseTo((1 + (a ?? 0)) * (1 + (b ?? 0)), 12);
  });

  test('refuses a feeder smaller than its section, too few clamps, and a machine that does not lock', () => {
    expect(level(of('green-sand/bench'), 'feeder-small')).toBeUndefined();
    const small = of('green-sand/bench', { feederDiameter: 8 });
    expect(level(small, 'feeder-small')).toBe('refused');
    const held = of('green-sand/bench', { copeMass: 1 });
    const needed = figure(held, 'clampsNeeded');
    expect(needed).toBeGreaterThan(0);
    expect(level(of('green-sand/bench', { copeMass: 1, clamps: needed - 1 }), 'clamps')).toBe('refused');
    const shell = STUDIES.find((s) => /controller/i.test(s.title))!;
    const lock = (machine: number): string | undefined =>
      level(methodOf(shell.study, 'pressure-die/cold', shell.q, { machine }), 'lock');
    expect(lock(100_000)).toBe('fits');
    expect(lock(100)).toBe('refused');
    const knob = STUDIES.find((s) => /knob/i.test(s.title))!;
    const disc = (rpm: number): Method => methodOf(knob.study, 'spin/silicone-rubber', knob.q, { rpm });
    expect(level(disc(900), 'rim')).toBe('refused');
    expect(level(disc(300), 'rim')).toBe('fits');
  });

  test('knows °F typed as °C, cold metal and a mould that is not safe', () => {
    expect(level(of('gravity-die/hand', { pour: 1320 }), 'pour-band')).toBe('look');
    expect(level(of('gravity-die/hand', { pour: 500 }), 'pour-cold')).toBe('refused');
    expect(level(of('gravity-die/hand', { mouldTemp: 60 }), 'preheat')).toBe('refused');
    expect(level(of('gravity-die/hand', { mouldTemp: 900 }), 'mould-hot')).toBe('refused');
    expect(level(of('green-sand/bench', { moisture: 0.08 }), 'preheat')).toBe('refused');
  });

  test('fills all places at the superheat that it names, and tells the first that misruns', () => {
    const ring = STUDIES.find((s) => /gimbal/i.test(s.title))!;
    const at = (own: Record<string, number>): Method =>
      methodOf(ring.study, 'flask-investment/rubber-mould', ring.q, own);
    const cold = at({ mouldTemp: 100, pour: 975 });
    expect(cold.places.length).toBe(cold.givens.find((g) => g.id === 'positions')?.value);
    const good = cold.places.filter((p) => p.risk !== 'misrun').length;
    expect(figure(cold, 'goodPlaces')).toBe(good);
    const liquidus = cold.givens.find((g) => g.id === 'liquidus')?.value ?? 0;
    const hot = at({ mouldTemp: 100, pour: liquidus + figure(cold, 'superheatAll') + 0.5 });
    expect(figure(hot, 'goodPlaces')).toBe(hot.places.length);
  });

  test('catches a bare bronze tool, a coat on sliding faces, no way out for gas, no alloy code, water, bare magnesium', () => {
    const die = 'gravity-die/hand';
    expect(level(of(die, { dieMetal: 2, coat: 0 }), 'bare-copper')).toBe('refused');
    expect(level(of(die, { dieMetal: 2 }), 'bare-copper')).toBeUndefined();
    expect(level(of(die, { masked: 0 }), 'coat-slides')).toBe('refused');
    expect(level(of(die, { ventsCut: 0 }), 'vents')).toBe('refused');
    expect(level(of(die, { ventsCut: 1 }), 'vents')).toBe('look');
    expect(level(of('shell-investment/wax-die', { alloyCode: 0 }), 'alloy-code')).toBe('refused');
    expect(level(of('green-sand/bench', { waterNear: 1 }), 'water')).toBe('refused');
    const magnesium = prepareStudy(bracket({ alloy: 'mg-az91' }));
    const lane = magnesium.lanes.find((l) => l.costs.length > 0)!.lane.id;
    expect(level(methodOf(magnesium, lane, 500), 'cover')).toBeUndefined();
    expect(level(methodOf(magnesium, lane, 500, { cover: 0 }), 'cover')).toBe('refused');
  });

  test('knows minutes typed as hours, and a tool with a stage forgotten or no shrinkage at all', () => {
    const plaster = of('plaster/resin');
    const dries = plaster.givens.find((g) => g.unit === 'h') ?? plaster.givens.find((g) => g.unit === 's');
    expect(dries).toBeDefined();
    const { id = '', usual = 1 } = dries ?? {};
    expect(level(of('plaster/resin', { [id]: usual * 60 }), `slip.${id}`)).toBe('look');
    expect(level(of('plaster/resin', { [id]: usual * 2 }), `slip.${id}`)).toBeUndefined();
    const lug = STUDIES.find((s) => /hinge/i.test(s.title))!;
    const at = (own: Record<string, number>) => methodOf(lug.study, 'shell-investment/wax-die', lug.q, own);
    const [size] = at({}).sizes;
    const wax = at({}).givens.find((g) => g.id === 'shrinkWax')?.value ?? 0;
    const made = (mm: number): string | undefined => {
      const m = at({ 'size1.made': mm });
      return m.findings.find((f) => f.id === 'made.1')?.text;
    };
    expect(made(size!.tool_mm)).toBeUndefined();
    expect(made(size!.tool_mm / (1 + wax))).toContain('lacks one stage, the shrinkage of the wax');
    expect(made(size!.raw_mm)).toContain('no shrinkage was added');
    expect(made(size!.tool_mm * 1.01)).toContain('1.00 % larger');
  });

  test('of values typed at random never falls: it says what is wrong', () => {
    const lanes = bracketStudy.lanes.filter((l) => l.costs.length > 0).map((l) => l.lane.id);
    fc.assert(
      fc.property(
        fc.constantFrom(...lanes),
        fc.nat({ max: 200 }),
        fc.double({ min: 0, max: 1e4, noNaN: true }),
        (laneId, i, x) => {
          const given = of(laneId).givens[i % of(laneId).givens.length];
          const m = of(laneId, { [given?.id ?? '']: x });
          // One of a few choices stays as it was where the number is none of them.
          if (given?.choices === null)
            expect(m.givens.find((g) => g.id === given.id)).toMatchObject({ value: x, from: 'own' });
          expect(m.findings.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 120 },
    );
    expect(() => of('no-such/lane')).toThrow(/laneId/);
    expect(() => methodOf(bracketStudy, 'spin/silicone-rubber', 100)).toThrow(/laneId/);
  });
});
