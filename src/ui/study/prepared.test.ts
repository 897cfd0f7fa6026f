import fc from 'fast-check';
import { expect, test } from 'vitest';
import { RAIL_MAX } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { SHIPPED_RATES } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import { boardOf, onRail, prepared } from './prepared';

test('a brief that can be worked out says no reason; its board is that of its own study', () => {
  const { study, failed } = prepared(prepareStudy, bracket(), 'published', SHIPPED_RATES);
  expect(failed).toBeNull();
  const { board, failed: late } = boardOf(study, 500, '2027-01-04', '2026-11-29');
  expect(late).toBeNull();
  expect(board.lanes.some((l) => l.money !== null)).toBe(true);
});

test('an order date that is none leaves a board of the bare study, and says why', () => {
  const { study } = prepared(prepareStudy, bracket(), 'published', SHIPPED_RATES);
  const dated = { ...study, brief: { ...study.brief, quantity: { ...study.brief.quantity, orderDate: 'soon' } } };
  const { board, failed } = boardOf(dated, 500, 'soon', '2026-11-29');
  expect(failed).toContain('soon');
  expect(board.q).toBe(500);
  expect(board.missing.length).toBeGreaterThan(0);
});

test('any number is a whole quantity on the rail', () => {
  fc.assert(
    fc.property(fc.double({ noNaN: true }), (x) => {
      const q = onRail(x);
      expect(Number.isInteger(q) && q >= 1 && q <= RAIL_MAX).toBe(true);
      if (Number.isInteger(x) && x >= 1 && x <= RAIL_MAX) expect(q).toBe(x);
    }),
  );
});
