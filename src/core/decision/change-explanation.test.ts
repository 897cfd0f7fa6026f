import fc from 'fast-check';
import { expect, test } from 'vitest';
import { recompute } from '../testing/recompute';
import { dearerBy, lateFirst } from './change-explanation';

const days = fc.double({ min: 0.01, max: 900, noNaN: true });

test('how late a first article comes is days begun, and its working comes to the same', () => {
  fc.assert(
    fc.property(days, days, (first, late) => {
      const explanation = lateFirst('gravity-die/hand', first, -late);
      const n = Math.ceil(late);
      expect(explanation.text).toBe(n === 1 ? '1 day' : `${n} days`);
      // First less the day asked is the lateness again, but for rounding at the edge of a day.
      if (Math.abs(late - Math.round(late)) > 1e-9) expect(recompute(explanation.working!)).toBe(n);
      expect(explanation.working!.symbols.map((s) => s.opens)).toEqual(['firstArticle', null]);
      expect(explanation.at).toBeUndefined();
      expect(lateFirst('gravity-die/hand', first, -late, 'today').at).toBe('today');
    }),
  );
});

test('how much more expensive a part became is told in whole percent and worked out in full', () => {
  fc.assert(
    fc.property(days, fc.double({ min: 1, max: 20, noNaN: true }), (before, times) => {
      const explanation = dearerBy('gravity-die/hand', before, before * times, 'USD');
      expect(Math.abs(recompute(explanation.working!) - explanation.working!.value)).toBeLessThanOrEqual(
        1e-9 * explanation.working!.value + 1e-9,
      );
      expect(Math.abs(Number(explanation.text.replace(' %', '')) - 100 * (times - 1))).toBeLessThanOrEqual(0.5 + 1e-6);
      expect(explanation.at).toBe('today');
    }),
  );
});
