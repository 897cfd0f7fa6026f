import { expect, test } from 'vitest';
import { dateAfter, fixed, plainDate, signed, significant } from './format';

test('thousands are parted, signs and zeros are plain', () => {
  expect(fixed(1234567.891, 2)).toBe('1\u202f234\u202f567.89');
  expect(fixed(-12.345, 1)).toBe('\u221212.3');
  expect(fixed(-0.001, 2)).toBe('0.00');
  expect(signed(5.03, 2)).toBe('+5.03');
  expect(signed(0.001, 2)).toBe('0.00');
});

test('significant digits, without exponent or trailing zeros', () => {
  expect(significant(0.00268)).toBe('0.00268');
  expect(significant(12.5)).toBe('12.5');
  expect(significant(123456)).toBe('123\u202f456');
  expect(significant(0)).toBe('0');
});

test('dates', () => {
  expect(plainDate('2027-03-05')).toBe('5 Mar 2027');
  expect(dateAfter('2027-01-04', 27.13)).toBe('1 Feb 2027');
});
