import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CoreError } from './errors';
import { dateAfter, dateWords, dayNumber, isNear, isoDay, weekday } from './day';

const day = fc.integer({ min: -20_000, max: 60_000 });

describe('days', () => {
  test('and their ISO dates are one another’s inverse, and weeks go round', () => {
    fc.assert(
      fc.property(day, (d) => {
        expect(dayNumber('day', isoDay(d))).toBe(d);
        expect(weekday(d)).toBe((new Date(`${isoDay(d)}T00:00:00Z`).getUTCDay() + 6) % 7);
      }),
    );
  });
  test.each(['2027-02-30', '2027-13-01', '27-01-01', '', null, 5])('%s is no date', (iso) => {
    expect(() => dayNumber('by', iso)).toThrow(CoreError);
    expect(() => dayNumber('by', iso)).toThrow(/E_DATE: by = /);
  });
});

describe('a date so many days after another', () => {
  test('is told in words, part of a day counting as a day', () => {
    expect(dateAfter('2027-01-04', 0)).toBe('4 Jan 2027');
    expect(dateAfter('2027-01-04', 27.01)).toBe('1 Feb 2027');
    expect(dateAfter('2028-02-28', 1)).toBe('29 Feb 2028');
  });
  test('is told in years beyond a hundred, and as never beyond all', () => {
    expect(dateAfter('2027-01-04', 50_000)).toBe('in 137 years');
    expect(dateAfter('2027-01-04', 1e9)).toBe('in 2\u202f737\u202f851 years');
    expect(dateAfter('2027-01-04', Infinity)).toBe('never');
  });
  test('is a real date or a number of years, however far', () => {
    fc.assert(
      fc.property(day, fc.double({ min: 0, max: 1e12, noNaN: true }), (from, days) => {
        const told = dateAfter(isoDay(from), days);
        if (isNear(days)) expect(told).toBe(dateWords(isoDay(from + Math.ceil(days))));
        else expect(told).toMatch(/^in [\d\u202f]+ years$/);
      }),
    );
  });
});
