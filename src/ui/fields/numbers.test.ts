import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readFigure, showFigure } from './numbers';

test('figures as people type them', () => {
  expect(readFigure('12,5', 'length', 'si')).toBe(12.5);
  expect(readFigure(' 1 200 ', null, 'si')).toBe(1200);
  expect(readFigure('', 'length', 'si')).toBeNull();
  expect(readFigure('1', 'length', 'inch')).toBeCloseTo(25.4, 12);
  expect(readFigure('about 12', 'length', 'si')).toBe('about 12');
  expect(readFigure('--', null, 'si')).toBe('--');
});

test.each([
  ['1,234', 'inch', 1234],
  ['1,234', 'si', 1.234],
  ['1,234,567', 'si', 1234567],
  ['1,234.5', 'si', 1234.5],
  ['\u22121,234.5', 'inch', -1234.5],
  ['1.234,5', 'si', 1234.5],
  ['0,125', 'inch', 0.125],
  ['12,5', 'inch', 12.5],
  ['1.234', 'inch', 1.234],
  ['1,23,4', 'si', '1,23,4'],
] as const)('“%s” is read in %s units as %s', (text, system, value) => {
  expect(readFigure(text, null, system)).toBe(value);
});

test('what cannot be read is shown as typed, so nothing is lost', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      const read = readFigure(text, 'length', 'si');
      if (typeof read === 'string') expect(showFigure(read, 'length', 'inch')).toBe(text);
    }),
  );
});

test('switching units to and fro shows the same SI figure: nothing drifts', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (n) => {
      const stored = n / 1000;
      showFigure(stored, 'length', 'inch');
      expect(showFigure(stored, 'length', 'si')).toBe(String(stored));
    }),
  );
});
