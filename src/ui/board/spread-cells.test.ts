import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { LaneSpread } from '@/core/simulation';
import { allInSpread, firstArticleSpread, thousands, totalSpread } from './spread-cells';

const share = { share: 0.874, low: 0.86, high: 0.88 };
const spread: LaneSpread = {
  id: 'gravity-die/hand',
  total: { p10: 514_000, p50: 560_000, p90: 622_000 },
  allIn: { p10: 28.5, p50: 31.1, p90: 34.6 },
  first: { p10: 31.5, p50: 35, p90: 42 },
  last: { p10: 200, p50: 210, p90: 220 },
  cheapest: share,
  inTime: share,
  delivers: null,
};

test('each cell says its own band in its own unit, and what it is surest of', () => {
  const money = allInSpread(spread, null, 'EUR');
  expect(money.bandWords).toBe('In eight draws of ten 28.50 to 34.60 EUR a part, half of them under 31.10');
  expect(money.sure).toBe('cheapest in 87 %');
  const days = firstArticleSpread(spread, null);
  expect(days.bandWords).toBe('In eight draws of ten 4.5 to 6.0 weeks, half of them under 5.0');
  expect(days.sure).toBe('in time in 87 %');
  expect(totalSpread(spread, null, 'USD').sure).toBe('total 514 to 622 k USD');
});

test('what is not asked is not told: a lane out of the race, no day asked, nothing drawn', () => {
  expect(allInSpread({ ...spread, cheapest: null }, null, 'USD').sure).toBeUndefined();
  expect(firstArticleSpread({ ...spread, inTime: null }, null).sure).toBeUndefined();
  for (const cell of [allInSpread(null, null, 'USD'), firstArticleSpread(null, null), totalSpread(null, null, 'USD')])
    expect([cell.bandWords, cell.band, cell.sure]).toEqual(['', undefined, undefined]);
});

test('a whisker has the scale of its own figure', () => {
  const scale = (from: number) => ({ from, to: from + 10 }) as never;
  const scales = { allIn: scale(1), first: scale(2), total: scale(3) } as never;
  expect(allInSpread(spread, scales, 'USD').scale).toBe((scales as { allIn: unknown }).allIn);
  expect(firstArticleSpread(spread, scales).scale).toBe((scales as { first: unknown }).first);
  expect(totalSpread(spread, scales, 'USD').scale).toBe((scales as { total: unknown }).total);
});

test('ends of a band stay short and within a hundredth of what they are, whatever their size', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 1e9, noNaN: true }),
      fc.double({ min: 1, max: 3, noNaN: true }),
      (p10, wide) => {
        const words = thousands({ p10, p50: p10, p90: p10 * wide }, 'USD');
        const [, from = '', to = '', letter = ''] = /^([\d.\u202f]+) to ([\d.\u202f]+) ([kM] )?USD$/.exec(words) ?? [];
        const per = letter === 'M ' ? 1e6 : letter === 'k ' ? 1e3 : 1;
        const number = (text: string): number => Number(text.replaceAll('\u202f', '')) * per;
        expect(Math.abs(number(from) / p10 - 1), words).toBeLessThan(0.01);
        expect(Math.abs(number(to) / (p10 * wide) - 1), words).toBeLessThan(0.01);
      },
    ),
  );
});
