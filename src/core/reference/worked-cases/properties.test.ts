import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  addWorkdays,
  criticalPath,
  cumulativeDay,
  flowLine,
  johnsonOrder,
  shiftHours,
  workdaysBetween,
} from '../../formula-book/flow';
import { dayNumber, isoDay } from '../../base/day';
import { patternScale } from '../../formula-book/allowances';
import { CoreError } from '../../base/errors';
import { feederFor } from '../../formula-book/feeding';
import {
  buyToFly,
  crossovers,
  learningCurve,
  payback,
  presentValue,
  totalCost,
  type Plan,
} from '../../formula-book/money';
import { batches, scrapChain, startsFor, throughput } from '../../formula-book/quantity';
import {
  castingTolerance,
  gradeFor,
  partingTolerance,
  roughness,
  toleranceStack,
  toleranceVerdict,
} from '../../formula-book/tolerance';

const size = fc.double({ min: 0.5, max: 9999, noNaN: true });
const money = fc.integer({ min: 0, max: 20_000 }).map((x) => x / 4);

describe('tolerance', () => {
  test('a coarser grade and a larger size are never narrower', () => {
    fc.assert(
      fc.property(size, fc.integer({ min: 1, max: 15 }), (nominal, grade) => {
        const at = (n: number, g: number) => castingTolerance({ nominal_mm: n, grade: g, onEmpty: 'nearest' }).total_mm;
        expect(at(nominal, grade + 1)).toBeGreaterThan(at(nominal, grade));
        expect(at(Math.min(10_000, nominal * 1.3), grade)).toBeGreaterThanOrEqual(at(nominal, grade));
      }),
    );
  });
  test('the grade asked for holds the width asked for, and the next does not', () => {
    fc.assert(
      fc.property(size, fc.double({ min: 0.3, max: 60, noNaN: true }), (nominal, total) => {
        try {
          const { grade, total_mm } = gradeFor({ nominal_mm: nominal, total_mm: total });
          expect(total_mm).toBeLessThanOrEqual(total);
          if (grade < 16) {
            const next = castingTolerance({ nominal_mm: nominal, grade: grade + 1, onEmpty: 'nearest' });
            if (!next.filled) expect(next.total_mm).toBeGreaterThan(total);
          }
        } catch (error) {
          expect((error as CoreError).issue.code).toBe('E_NO_SOLUTION');
        }
      }),
    );
  });
  test('root sum of squares lies under the worst case, the inflated between them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.01, max: 9, noNaN: true }), { minLength: 1, maxLength: 12 }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (widths, inflate) => {
          const s = toleranceStack({ links: widths.map((total_mm) => ({ total_mm })), inflate });
          expect(s.rss_mm).toBeLessThanOrEqual(s.worst_mm + 1e-9);
          expect(s.inflated_mm).toBeLessThanOrEqual(s.worst_mm + 1e-9);
          expect(s.inflated_mm).toBeGreaterThanOrEqual(s.rss_mm - 1e-9);
        },
      ),
    );
  });
  test('verdict: every combination of size, skin and leave to cut', () => {
    for (const cast of [0.2, 0.8]) {
      for (const skin of [1.6, 6.3]) {
        for (const machinable of [true, false]) {
          const v = toleranceVerdict({
            need_mm: 0.5,
            cast_mm: cast,
            machinable,
            machined_mm: 0.05,
            raNeed_um: 3.2,
            raCast_um: skin,
            raMachined_um: 0.8,
          });
          const held = cast <= 0.5 && skin <= 3.2;
          expect(v.verdict).toBe(held ? 'as-cast' : machinable ? 'machine' : 'cannot');
          expect(v.reason).toBe(held ? 'none' : cast > 0.5 && skin > 3.2 ? 'both' : cast > 0.5 ? 'size' : 'surface');
        }
      }
    }
  });
  test('parting: the mean moves by half the addition; roughness: µin and µm agree', () => {
    const p = partingTolerance({
      base_mm: 1,
      projectedArea_cm2: 65,
      rows: [
        { upTo_cm2: 65, add_mm: 0.5 },
        { upTo_cm2: 99, add_mm: 0.8 },
      ],
    });
    expect(p).toEqual({ addition_mm: 0.5, total_mm: 1.5, meanShift_mm: 0.25 });
    expect(roughness({ ra_uin: 250 }).ra_um).toBeCloseTo(6.35, 12);
    expect(roughness({ ra_um: 50 }).nGrade).toBe('N12');
  });
});

describe('quantity', () => {
  test('batches are whole and just enough', () => {
    fc.assert(
      fc.property(fc.nat({ max: 1e6 }), fc.integer({ min: 1, max: 999 }), (need, perBatch) => {
        const b = batches({ need, perBatch });
        expect(b.made - b.over).toBe(need);
        expect(b.over).toBeGreaterThanOrEqual(0);
        expect(b.over).toBeLessThan(perBatch);
      }),
    );
  });
  test('starts: the smallest number whose binomial tail reaches the confidence', () => {
    const tail = (n: number, need: number, y: number): number => {
      let term = (1 - y) ** n;
      let below = 0;
      for (let k = 0; k < need; k++) {
        below += term;
        term *= ((n - k) / (k + 1)) * (y / (1 - y));
      }
      return 1 - below;
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 0.5, max: 0.98, noNaN: true }),
        fc.constantFrom(0.5, 0.8, 0.9, 0.95, 0.99),
        (need, y, confidence) => {
          const { starts, probability } = startsFor({ need, yield: y, confidence });
          expect(probability).toBeCloseTo(tail(starts, need, y), 8);
          expect(probability).toBeGreaterThanOrEqual(confidence);
          if (starts > need) expect(tail(starts - 1, need, y)).toBeLessThan(confidence + 1e-9);
        },
      ),
    );
  });
  test('scrap chains: rounding up at each stage never needs fewer', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5000 }),
        fc.array(fc.double({ min: 0, max: 0.5, noNaN: true }), { minLength: 1, maxLength: 5 }),
        (need, scraps) => {
          const c = scrapChain({ need, scraps });
          expect(c.stageStarts[0]).toBeGreaterThanOrEqual(c.starts);
          const good = scraps.reduce((n, s) => n * (1 - s), c.starts);
          expect(good).toBeGreaterThanOrEqual(need * (1 - 1e-8));
        },
      ),
    );
  });
  test('throughput: the order of the factors does not matter, a lost one is caught', () => {
    const factors = [
      { value: 9, unit: 'kg/h/caster' },
      { value: 10, unit: 'piece/kg' },
      { value: 4, unit: 'caster' },
      { value: 6.5, unit: 'h/day' },
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray(factors, { minLength: 4 }), (order) => {
        expect(throughput({ factors: order, want: 'piece/day' }).value).toBeCloseTo(2340, 9);
      }),
    );
    for (let i = 0; i < 4; i++)
      expect(() => throughput({ factors: factors.filter((_, k) => k !== i), want: 'piece/day' })).toThrow(/E_UNIT/);
    expect(() =>
      throughput({
        factors: [
          { value: 60, unit: 'min' },
          { value: 1, unit: '1/h' },
        ],
        want: '1',
      }),
    ).toThrow(/E_UNIT/);
  });
});

describe('money', () => {
  const plan = fc.record({
    fixed: money,
    toolFirst: money,
    toolReplace: money,
    toolLife: fc.integer({ min: 1, max: 400 }),
    perPart: fc.integer({ min: 1, max: 400 }).map((x) => x / 4),
    lotSetup: money,
    lotSize: fc.integer({ min: 1, max: 300 }),
  });
  test('crossovers agree with a look at every quantity', () => {
    fc.assert(
      fc.property(plan, plan, (a: Plan, b: Plan) => {
        const qMax = 600;
        const { runs } = crossovers({ a, b, qMax });
        expect(runs[0]?.from).toBe(1);
        expect(runs.at(-1)?.to).toBe(qMax);
        for (const run of runs) {
          for (let q = run.from; q <= run.to; q++) {
            const d = totalCost({ plan: a, q }).total - totalCost({ plan: b, q }).total;
            expect(Math.abs(d) < 1e-6 ? 'tie' : d < 0 ? 'a' : 'b', `at ${q}`).toBe(run.cheaper);
          }
        }
      }),
      { numRuns: 40 },
    );
  });
  test('payback from plans: first no more expensive, and settled from where it never is again', () => {
    fc.assert(
      fc.property(plan, plan, (a: Plan, b: Plan) => {
        const T = (p: Plan, q: number): number => totalCost({ plan: p, q }).total;
        try {
          const { firstQ, settledQ } = payback({ a, b, qMax: 300 });
          for (let q = 1; q < firstQ; q++) expect(T(b, q)).toBeGreaterThan(T(a, q));
          if (settledQ != null)
            for (let q = settledQ; q <= 300; q++) expect(T(b, q)).toBeLessThanOrEqual(T(a, q) + 1e-6);
        } catch (error) {
          expect((error as CoreError).issue.code).toBe('E_NO_SOLUTION');
        }
      }),
      { numRuns: 60 },
    );
  });
  test('present value at no rate is the sum; learning at slope 1 is none', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -999, max: 999 }), { minLength: 1, maxLength: 9 }), (flows) => {
        expect(presentValue({ rate: 0, flows }).npv).toBeCloseTo(
          flows.reduce((x, y) => x + y, 0),
          9,
        );
      }),
    );
    expect(learningCurve({ first_h: 3, slope: 1, n: 7 })).toEqual({ unit_h: 3, total_h: 21, average_h: 3 });
    expect(buyToFly({ stock_kg: 2, finished_kg: 2, price_per_kg: 5, chipPrice_per_kg: 1 }).chips_kg).toBe(0);
  });
});

describe('calendar', () => {
  const day = fc.integer({ min: dayNumber('d', '2024-01-01'), max: dayNumber('d', '2029-12-31') });
  test('n working days on: just n working days lie between start and finish', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 90 }), fc.array(day, { maxLength: 8 }), (start, days, free) => {
        const holidays = free.map(isoDay);
        const { finish, next } = addWorkdays({ start: isoDay(start), days, holidays });
        expect(workdaysBetween({ from: isoDay(start), to: finish, holidays }).days).toBe(days);
        expect(workdaysBetween({ from: finish, to: next, holidays }).days).toBe(2);
      }),
    );
  });
  test('hours of work fill whole days before the last', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 1, max: 400 }), (start, work_h) => {
        const { finish, lastDay_h } = shiftHours({ start: isoDay(start), work_h });
        const { hours } = workdaysBetween({ from: isoDay(start), to: finish });
        expect(hours - 8 + lastDay_h).toBe(work_h);
        expect(lastDay_h).toBeGreaterThan(0);
      }),
    );
  });
  test('critical path: a chain is its sum, and no critical task floats', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 1, maxLength: 12 }), (days) => {
        const tasks = days.map((d, i) => ({ id: `t${i}`, days: d, after: i === 0 ? [] : [`t${i - 1}`] }));
        const path = criticalPath({ tasks });
        expect(path.duration_d).toBe(days.reduce((a, b) => a + b, 0));
        expect(path.critical).toHaveLength(days.length);
      }),
    );
  });
  test('a flow line of single stations takes the sum and then the slowest for each further item', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 60 }),
        (t, items) => {
          const line = flowLine({ stations: t.map((x) => ({ time_h: x })), items });
          expect(line.makespan_h).toBe(t.reduce((a, b) => a + b, 0) + (items - 1) * Math.max(...t));
          expect(line.rate_per_h).toBeCloseTo(1 / Math.max(...t), 12);
        },
      ),
    );
  });
  test('no order of lots through two stations beats the one given', () => {
    const orders = (ids: number[]): number[][] =>
      ids.length <= 1
        ? [ids]
        : ids.flatMap((x, i) => orders(ids.filter((_, k) => k !== i)).map((rest) => [x, ...rest]));
    fc.assert(
      fc.property(
        fc.array(fc.record({ a: fc.integer({ min: 0, max: 9 }), b: fc.integer({ min: 0, max: 9 }) }), {
          minLength: 1,
          maxLength: 5,
        }),
        (lots) => {
          const jobs = lots.map((l, i) => ({ id: String(i), ...l }));
          const makespan = (order: number[]): number => {
            let a = 0;
            let b = 0;
            for (const i of order) {
              a += lots[i]?.a ?? 0;
              b = Math.max(a, b) + (lots[i]?.b ?? 0);
            }
            return b;
          };
          expect(johnsonOrder({ jobs }).makespan_h).toBe(Math.min(...orders(lots.map((_, i) => i)).map(makespan)));
        },
      ),
      { numRuns: 60 },
    );
  });
  test('the cumulative day agrees with counting day by day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 2000 }),
        (from, gap, daily, need) => {
          const rates = [
            { fromDay: from, perDay: daily },
            { fromDay: from + gap, perDay: daily * 3 },
          ];
          let good = 0;
          let day = from - 1;
          while (good < need) {
            day++;
            good += day < from + gap ? daily : daily * 3;
          }
          expect(cumulativeDay({ rates, scrap: 0, need })).toEqual({ day, goodByThen: good });
        },
      ),
    );
  });
});

describe('pattern sizes and feeding', () => {
  const share = fc.double({ min: -0.05, max: 0.15, noNaN: true });

  test('stages multiply: their order is of no matter, and two schools differ by less than the square of the shrinkage', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.array(share, { minLength: 1, maxLength: 4 }),
        (mm, s) => {
          const there = patternScale({ nominal_mm: mm, shrinks: s });
          const back = patternScale({ nominal_mm: mm, shrinks: s.toReversed() });
          expect(there.size_mm / back.size_mm).toBeCloseTo(1, 12);
          expect(there.size_mm).toBeCloseTo(mm * there.factor, 9);
          const other = patternScale({ nominal_mm: mm, shrinks: s, school: 'on-pattern' });
          const most = s.reduce((sum, x) => sum + x * x, 0);
          expect(other.factor).toBeGreaterThanOrEqual(there.factor - 1e-12);
          expect(other.factor / there.factor - 1).toBeLessThanOrEqual(1.4 * most + 1e-12);
        },
      ),
    );
  });

  test('what grows wants no riser, and only moulds without pressure or a tree take one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          'green-sand',
          'bonded-sand',
          'plaster',
          'gravity-die',
          'shell-investment',
          'pressure-die',
          'spin',
        ),
        fc.double({ min: -0.1, max: 0.15, noNaN: true }),
        (route, netShrink) => {
          const { feeder } = feederFor({ route, netShrink });
          const open = ['green-sand', 'bonded-sand', 'plaster', 'gravity-die'].includes(route);
          expect(feeder === 'riser').toBe(open && netShrink > 0);
          expect(feeder === 'none').toBe(open && netShrink <= 0);
        },
      ),
    );
  });
});
