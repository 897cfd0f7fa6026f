import { describe, expect, test } from 'vitest';
import { rateAt, rateEntries, SHIPPED_RATES, tableValue } from '.';

describe('a coefficient by its path', () => {
  test('is found for every path that a rate set lists', () => {
    let figures = 0;
    for (const { path, value } of rateEntries(SHIPPED_RATES)) {
      const found = rateAt(SHIPPED_RATES, path);
      if (typeof found === 'number') expect(found, path).toBe(value);
      else {
        expect(found?.v, path).toEqual(value);
        figures++;
      }
    }
    expect(figures).toBeGreaterThan(400);
  });

  test.each(['global.noSuch', 'variants["no/such"].tooling.h0', 'families.lead-free.kRet', ''])(
    'is not there under “%s”',
    (path) => {
      const found = rateAt(SHIPPED_RATES, path);
      expect(path === '' ? typeof found : found).toBe(path === '' ? 'object' : undefined);
    },
  );
});

describe('what a figure of a table says of itself', () => {
  test('an uncertain one has its low and high, a certain one none, a missing one nothing', () => {
    expect(tableValue({ v: [1, 2, 4], basis: 'rule', unit: 'h', note: 'by hand' })).toEqual({
      basis: 'rule',
      unit: 'h',
      range: [1, 4],
      note: 'by hand',
    });
    expect(tableValue({ v: 3, basis: 'shop' })).toEqual({ basis: 'shop', unit: undefined, range: null, note: null });
    expect(tableValue(undefined)).toBeUndefined();
  });
});
