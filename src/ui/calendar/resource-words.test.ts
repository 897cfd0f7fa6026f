import { expect, test } from 'vitest';
import { SHIPPED_RATES } from '@/core/rates';
import { resourceWords, span } from './resource-words';

test('every crew and station of the shipped rates has words', () => {
  const ids = Object.values(SHIPPED_RATES.variants).flatMap((v) => Object.keys(v.time.resources));
  expect(ids.length).toBeGreaterThan(50);
  const sameInWords = ['kiln', 'oven', 'printer', 'toolroom'];
  for (const id of [...ids, 'capPours', 'capKg'])
    expect(resourceWords(id) !== id || sameInWords.includes(id), id).toBe(true);
});

test.each([
  [5.6, 5.6, 'd'],
  [1, 1, 'd'],
  [0.5, 12, 'h'],
  [1 / 24, 1, 'h'],
  [0.01, 14.4, 'min'],
] as const)('%d days read as %d %s', (days, value, unit) => {
  const found = span(days);
  expect(found.value).toBeCloseTo(value, 9);
  expect(found.unit).toBe(unit);
});
