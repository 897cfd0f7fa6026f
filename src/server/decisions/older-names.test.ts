import fc from 'fast-check';
import { expect, test } from 'vitest';
import { underPresentNames } from './older-names';

test('a record of an earlier build reads under the present names, at any depth', () => {
  expect(
    underPresentNames({
      brief: { held: { layouts: {}, variants: {} }, model: { mended: null } },
      evaluation: { lanes: [{ findings: [{ rule: 'wall', mends: ['thicker'] }] }] },
      figures: [{ text: 'all in', told: ['all in'] }],
      doubt: { seed: 1, flipsTold: [['never']] },
      plan: { dues: [] },
    }),
  ).toEqual({
    brief: { overrides: { layouts: {}, variants: {} }, model: { repaired: null } },
    evaluation: { lanes: [{ findings: [{ rule: 'wall', fixes: ['thicker'] }] }] },
    figures: [{ text: 'all in', explanation: ['all in'] }],
    simulation: { seed: 1, flipExplanations: [['never']] },
    plan: { deliveries: [] },
  });
});

test('values and all other names stay as they were', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (record) => {
      const names = /"(doubt|flipsTold|told|made|dues|mends|held|mended|__proto__)":/;
      fc.pre(!names.test(JSON.stringify(record)));
      expect(underPresentNames(record)).toEqual(record);
    }),
  );
});
