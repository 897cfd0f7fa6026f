import { expect, test } from 'vitest';
import { tickDate } from './tick-date';

test.each([
  [0, 200, '4 Jan'],
  [91, 366, '5 Apr'],
  [91, 400, 'Apr 2027'],
  [364, 2000, 'Jan 2028'],
  [40_000, 50_000, 'in 110 years'],
])('a tick %i days from the order, on an axis of %i, says %s', (days, span, words) => {
  expect(tickDate('2027-01-04', days, span)).toBe(words);
});
