import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { ownRates, rateEntries, SHIPPED_RATES } from '@/core/rates';
import { ratesCsv, readRatesCsv } from '.';

const csv = ratesCsv(SHIPPED_RATES);
const lines = Papa.parse<string[]>(csv.trim()).data;

describe('rates as CSV', () => {
  test('are a line a coefficient, and come back without a change', () => {
    expect(lines).toHaveLength(1 + rateEntries(SHIPPED_RATES).length);
    expect(readRatesCsv(csv, SHIPPED_RATES)).toEqual({ figures: {}, unchanged: lines.length - 1, issues: [] });
    expect(readRatesCsv(`\uFEFF${csv}`, SHIPPED_RATES).issues).toEqual([]);
    for (const line of lines) for (const cell of line) expect(/^[=+@\t]/.test(cell), cell).toBe(false);
  });
  test('bring an own set into another one figure for figure', () => {
    const figures = { 'global.Rlab': [1.5, 2.25, 3] as const, 'variants["spin/silicone-rubber"].time.shifts': 2 };
    const own = ownRates(SHIPPED_RATES, 'own', 'Own', { figures, holidays: [] });
    expect(readRatesCsv(ratesCsv(own), SHIPPED_RATES).figures).toEqual(figures);
  });
  test('name the line, the value and what is wanted, and read the right lines all the same', () => {
    const text = 'Path,Low,Likely,High\nglobal.Rlab,3,2,1\nglobal.gone,1,2,3\nglobal.Rmc,,75,\nglobal.pE,0.1,0.2,0.3\n';
    const read = readRatesCsv(text, SHIPPED_RATES);
    expect(read.figures).toEqual({ 'global.pE': [0.1, 0.2, 0.3] });
    expect(read.issues).toEqual([
      { path: 'line 2, global.Rlab', value: '3 · 2 · 1', message: 'low ≤ likely ≤ high is wanted' },
      { path: 'line 3, path', value: 'global.gone', message: 'a coefficient of the set is wanted' },
      { path: 'line 4, global.Rmc', value: ' · 75 · ', message: 'a number is wanted' },
    ]);
  });
  test.each(['', 'a,b\n1,2\n', '{"json":true}'])('refuse a file without the columns: %j', (text) => {
    expect(readRatesCsv(text, SHIPPED_RATES).issues[0]?.message).toContain('path');
  });
});
