import { expect, test } from 'vitest';
import { askedWords } from './asked';

test.each([
  [{ asked: 0.05, unit: 'mm' }, 'si', '0.05 mm'],
  [{ asked: 2.54, unit: 'mm' }, 'inch', '0.1 in'],
  [{ asked: 3.2, unit: 'µm' }, 'inch', '126 µin'],
  [{ asked: 1.5, unit: 'deg' }, 'inch', '1.5°'],
  [{ asked: 3, unit: 'pieces' }, 'si', '3'],
  [{ asked: 'yes', unit: null }, 'si', ''],
  [{ asked: 'marine', unit: null }, 'si', 'marine'],
  [{ asked: '2027-04-05', unit: null }, 'si', '5 Apr 2027'],
] as const)('%o in %s units reads “%s”', (asked, system, words) => {
  expect(askedWords(asked, system)).toBe(words);
});
