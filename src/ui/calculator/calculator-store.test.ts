import { expect, test } from 'vitest';
import { isTypedLinks, readTyped, typed, typedLinks } from './calculator-store';

test.each([
  ['9', 9],
  ['6,5', 6.5],
  ['2\u202f340', 2340],
  ['\u22123', -3],
  ['', NaN],
  ['nine', NaN],
] as const)('“%s” is read as %d', (text, value) => {
  expect(readTyped(text)).toBe(value);
});

test('a figure filled in is read back to seven digits', () => {
  for (const x of [0.0001234567, 85.11, 12_345_678, 1 / 3]) expect(readTyped(typed(x)) / x).toBeCloseTo(1, 6);
});

test('only whole sheets are taken from what was kept', () => {
  const sheet = typedLinks([{ name: 'a', value: 2, unit: 'kg', by: 'times' }]);
  expect(isTypedLinks(sheet)).toBe(true);
  expect(isTypedLinks([])).toBe(false);
  expect(isTypedLinks([{ ...sheet[0], by: 'plus' }])).toBe(false);
  expect(isTypedLinks([{ ...sheet[0], value: 2 }])).toBe(false);
  expect(isTypedLinks('kg')).toBe(false);
});
