import fc from 'fast-check';
import { expect, test } from 'vitest';
import { dayOnCurve } from '../testing/day-on-curve';
import { SHIPPED_RATES } from '../rates';
import { curveWithHolidays, daysWithHolidays } from '.';

const ORDER = '2027-01-04';
const date = (days: number): string => new Date(Date.UTC(2027, 0, 4 + days)).toISOString().slice(0, 10);
const holidays = fc.array(fc.integer({ min: -5, max: 400 }).map(date), { maxLength: 40 });
const curve = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 200 }), fc.nat({ max: 300 })), { minLength: 1, maxLength: 6 })
  .map((steps) => {
    let [day, pieces] = [0, 0];
    return [{ day, pieces }, ...steps.map(([d, n]) => ({ day: (day += d / 2), pieces: (pieces += n) }))];
  });

test('a day read off a curve with holidays is the day with its holidays, wherever they fall', () => {
  fc.assert(
    fc.property(curve, holidays, fc.double({ min: 1e-6, max: 1, noNaN: true }), (bare, shut, share) => {
      const calendar = { ...SHIPPED_RATES.calendar, holidays: shut };
      const most = bare.at(-1)?.pieces ?? 0;
      const pieces = share * most;
      const day = dayOnCurve(bare, pieces);
      if (pieces === 0 || day === null) return;
      const with_ = curveWithHolidays(bare, ORDER, calendar);
      for (let i = 1; i < with_.length; i++) {
        expect(with_[i]!.day).toBeGreaterThanOrEqual(with_[i - 1]!.day - 1e-9);
        expect(with_[i]!.pieces).toBeGreaterThanOrEqual(with_[i - 1]!.pieces - 1e-9);
      }
      const want = [day - 1e-6, day, day + 1e-6].map((d) => daysWithHolidays(ORDER, Math.max(0, d), calendar));
      const got = dayOnCurve(with_, pieces) ?? NaN;
      // At the very moment of a holiday either side of it will do.
      expect(got).toBeGreaterThanOrEqual(want[0]! - 1e-5);
      expect(got).toBeLessThanOrEqual(want[2]! + 1e-5);
    }),
    { numRuns: 500 },
  );
});

test('a step that falls on the very moment of a holiday does not lead back', () => {
  const bare = [
    { day: 0, pieces: 0 },
    { day: 252.5, pieces: 0 },
    { day: 291, pieces: 0 },
    { day: 291, pieces: 1 },
  ];
  const holidays = ['2027-01-04', '2027-01-18', '2027-03-15', '2027-01-11', '2027-01-12', '2027-10-29'];
  const days = curveWithHolidays(bare, ORDER, { ...SHIPPED_RATES.calendar, holidays }).map((c) => c.day);
  expect(days).toEqual(days.toSorted((a, b) => a - b));
});

test('without holidays a curve stays as it is', () => {
  const bare = [
    { day: 0, pieces: 0 },
    { day: 12.5, pieces: 40 },
  ];
  expect(curveWithHolidays(bare, ORDER, { ...SHIPPED_RATES.calendar, holidays: [] })).toEqual(bare);
  expect(curveWithHolidays(bare, null, { ...SHIPPED_RATES.calendar, holidays: ['2027-01-05'] })).toEqual(bare);
});
