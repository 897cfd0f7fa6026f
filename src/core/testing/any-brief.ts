import fc from 'fast-check';
import { ALLOYS } from '../catalogue/alloys';
import { OPERATION_WORDS, type Brief } from '../brief';
import { briefOf } from './demo-briefs';

/** A positive figure over decades, as likely small as large. */
const over = (low: number, high: number): fc.Arbitrary<number> =>
  fc.double({ min: Math.log(low), max: Math.log(high), noNaN: true }).map((x) => Number(Math.exp(x).toPrecision(4)));
const flag = fc.constantFrom(true, false, null);
const optional = <T>(arb: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(arb, { nil: undefined, freq: 2 });
const day = fc
  .integer({ min: 0, max: 900 })
  .map((n) => new Date(Date.UTC(2026, 5, 1) + n * 864e5).toISOString().slice(0, 10));

/** The box first, and the rest so that a body of that kind could be: a wall less than its section, a volume less than its box. */
const geometry = fc
  .record({
    box: fc.tuple(over(5, 900), over(5, 900), over(3, 600)),
    fill: over(0.03, 0.95),
    wall: over(0.02, 0.9),
    section: over(1, 6),
    undercuts: fc.nat(5),
    passages: fc.nat(4),
    coredHoles: fc.nat(12),
    draftAllowed: fc.oneof(flag, over(0.3, 6)),
    form: fc.constantFrom('prismatic', 'round', 'flat'),
  })
  .map(({ box, fill, wall, section, ...rest }) => {
    const [a, b, c] = [...box].sort((x, y) => y - x) as [number, number, number];
    const wallMin_mm = Number(Math.max(0.4, wall * c).toPrecision(3));
    return {
      ...rest,
      box_mm: [a, b, c],
      volume_cm3: Number(((0.999 * fill * a * b * c) / 1000).toPrecision(4)),
      area_cm2: Number(((2 * (a * b + b * c + a * c)) / 100 / Math.sqrt(fill)).toPrecision(4)),
      wallMin_mm,
      sectionMax_mm: Number(Math.min(1900, wallMin_mm * section).toPrecision(3)),
      projected_cm2: Number(((0.999 * a * b * Math.sqrt(fill)) / 100).toPrecision(4)),
    };
  });

const feature = fc.record(
  {
    name: fc.constantFrom('bore', 'foot', 'width'),
    kind: fc.constantFrom(...OPERATION_WORDS),
    nominal_mm: over(1, 800),
    tol_mm: over(0.005, 5),
    acrossParting: fc.boolean(),
    mayMachine: fc.boolean(),
    mustMachine: fc.boolean(),
    acrossCore: fc.boolean(),
    critical: fc.boolean(),
    area_cm2: over(0.5, 500),
    depth_mm: over(1, 200),
    count: fc.integer({ min: 1, max: 12 }),
    Ra_um: over(0.2, 25),
  },
  { requiredKeys: ['name', 'kind', 'nominal_mm', 'tol_mm'] },
);

const hole = fc.record(
  {
    dia_mm: over(1, 80),
    depth_mm: over(1, 150),
    count: fc.integer({ min: 1, max: 16 }),
    thread: fc.boolean(),
    through: fc.boolean(),
    tol_mm: over(0.01, 1),
  },
  { requiredKeys: ['dia_mm', 'depth_mm'] },
);

/** Any brief that the product takes and that a part could have: alloy, shape, programme, tolerances, holes, needs. */
export const anyBrief: fc.Arbitrary<Brief> = fc
  .record({
    alloy: fc.constantFrom(...ALLOYS.map((a) => a.id)),
    geometry,
    quantity: fc.record({
      perYear: fc.option(over(1, 400_000).map(Math.ceil), { nil: null, freq: 6 }),
      years: fc.option(fc.constantFrom(0.5, 1, 2.5, 5, 12), { nil: null, freq: 6 }),
      lot: fc.option(over(1, 20_000).map(Math.ceil), { nil: null }),
      prototypes: fc.option(fc.integer({ min: 0, max: 60 }), { nil: null }),
      prototypeDate: fc.option(day, { nil: null }),
      firstDelivery: fc.option(day, { nil: null }),
      orderDate: fc.option(day, { nil: null }),
      demand: fc.option(
        fc.tuple(over(1, 50_000), over(1, 50_000), over(1, 50_000)).map((d) => d.sort((a, b) => a - b)),
        { nil: null },
      ),
      variants: optional(fc.integer({ min: 1, max: 6 })),
    }),
    features: fc
      .array(feature, { maxLength: 5 })
      .map((all) => all.map((f, i) => ({ ...f, id: `f${i + 1}`, tol_mm: Math.min(f.tol_mm, f.nominal_mm / 2) }))),
    holes: fc.array(hole, { maxLength: 4 }),
    surface: fc.record({ Ra_um: fc.option(over(0.4, 25), { nil: null }), cosmetic: flag, polishAllowed: fc.boolean() }),
    needs: fc.record({
      environment: fc.constantFrom('indoor', 'outdoor', 'marine', 'hot', null),
      pressureTight: flag,
      heatTreated: flag,
      heatTreatOptional: fc.boolean(),
      welded: flag,
      leadFree: flag,
      inserts: flag,
      castThread: flag,
      cosmeticFace: flag,
      nonMagnetic: optional(fc.boolean()),
      coated: fc.boolean(),
      xray: fc.boolean(),
    }),
    today: fc.record({
      parts: fc.option(fc.integer({ min: 1, max: 30 }), { nil: null }),
      cost_USD: fc.option(over(0.5, 2000), { nil: null }),
    }),
  })
  .map((raw) => briefOf({ title: 'Any part', ...raw }));
