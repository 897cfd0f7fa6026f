import { expect, test } from 'vitest';
import { figureWords, lanePartName } from './rate-words';
import { isMoved, movesWords } from './moved-studies';
import { isNames, NO_NAMES, readNames } from './name-fields';
import { readDays } from './use-draft';
import type { RateEffect } from '@/server/rates';

test('days are read from lines and commas, once each, and the first that is none is told', () => {
  expect(readDays('2027-12-27, 2027-12-24\n2027-12-24')).toEqual({ days: ['2027-12-24', '2027-12-27'], problem: null });
  expect(readDays('24 Dec 2027, 27.12.2027')).toEqual({ days: ['2027-12-24', '2027-12-27'], problem: null });
  expect(readDays('2027-12-27 2027-12-24').days).toEqual(['2027-12-24', '2027-12-27']);
  expect(readDays('')).toEqual({ days: [], problem: null });
  expect(readDays('2027-02-30').problem).toContain('“2027-02-30”');
  expect(readDays('24 December').problem).toContain('“24 December”');
});

test('figures, words and dates of a change are told', () => {
  expect(figureWords(null)).toBe('as shipped');
  expect(figureWords(1.4)).toBe('1.4');
  expect(figureWords([1, 2, 3])).toBe('2 (1–3)');
  expect(figureWords(['2027-12-24'])).toBe('2027-12-24');
  expect(figureWords([])).toBe('none');
  expect(figureWords('EUR')).toBe('EUR');
});

test('a lane’s part is named by route and variant', () => {
  expect(lanePartName('global')).toBeNull();
  expect(lanePartName('gravity-die/hand')).toMatch(/Gravity die/);
});

test('a study moves when its leader or a cent of its price does', () => {
  const effect = (a: [string | null, number], b: [string | null, number]): RateEffect => ({
    studyId: 's',
    title: 't',
    q: 10,
    before: { leader: a[0], allIn: a[1], total: 0 },
    after: { leader: b[0], allIn: b[1], total: 0 },
    currency: 'USD',
  });
  const same = effect(['a', 1], ['a', 1.001]);
  const dearer = effect(['a', 1], ['a', 1.01]);
  const led = effect(['a', 1], ['b', 1]);
  expect([same, dearer, led].map(isMoved)).toEqual([false, true, true]);
  expect(movesWords([same, dearer])).toBe('1 of 2 studies change, none has a new leader.');
  expect(movesWords([same, dearer], 10_000)).toBe(
    '1 of the 2 changed last, of 10\u202f000, change, none has a new leader.',
  );
  expect(movesWords([])).toBe('No study uses this set yet.');
  expect(movesWords([led])).toContain('1 has a new leader');
});

test('name and currency of a set are a change only where they differ, and are refused where they are none', () => {
  const now = { name: 'Ours', currency: 'USD' };
  expect(readNames({ name: null, currency: null }, now)).toEqual({ change: {}, problems: [] });
  expect(readNames({ name: ' Ours ', currency: 'usd' }, now)).toEqual({ change: {}, problems: [] });
  expect(readNames({ name: 'Theirs', currency: 'eur' }, now).change).toEqual({ name: 'Theirs', currency: 'EUR' });
  expect(readNames({ name: ' ', currency: 'E1' }, now).problems).toHaveLength(2);
});

test('names kept in the browser are taken back only where they are names', () => {
  expect([NO_NAMES, { name: 'a', currency: null }].every(isNames)).toBe(true);
  for (const bad of [null, 'x', {}, { name: 1, currency: null }, { name: null }]) expect(isNames(bad)).toBe(false);
});
