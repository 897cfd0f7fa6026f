import fc from 'fast-check';
import { expect, test } from 'vitest';
import { bracket } from '@/core/testing/demo-briefs';
import { demoBriefs } from '../demo/seed';
import { sampleDecision } from '../testing/sample-decision';
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

const OLDER = new Map([
  ['simulation', 'doubt'],
  ['flipExplanations', 'flipsTold'],
  ['explanation', 'told'],
  ['working', 'made'],
  ['deliveries', 'dues'],
  ['fixes', 'mends'],
  ['overrides', 'held'],
  ['repaired', 'mended'],
]);

/** A record as an earlier build would have written it. */
const underOlderNames = (now: unknown): unknown => {
  if (Array.isArray(now)) return now.map(underOlderNames);
  if (typeof now !== 'object' || now === null) return now;
  return Object.fromEntries(Object.entries(now).map(([key, value]) => [OLDER.get(key) ?? key, underOlderNames(value)]));
};

test('a whole signed record, written under the older names, comes back as it was', () => {
  const { snapshot } = sampleDecision(bracket({ title: 'Cap' }), 500);
  const stored = JSON.parse(JSON.stringify(snapshot)) as Record<string, unknown>;
  const older = underOlderNames(stored) as Record<string, unknown>;
  expect(older).toHaveProperty('doubt');
  expect(JSON.stringify(older)).toContain('"told":');
  expect(older).not.toEqual(stored);
  expect(underPresentNames(older)).toEqual(stored);
});

test('a record of today is left as it is, also one of a two-step plan', () => {
  const gear = demoBriefs().find((b) => b.title.startsWith('Gear head'));
  const plan = { first: 'gravity-die/hand', then: 'permanent-mould/tilt', pieces: 300 };
  const signed = [
    sampleDecision(bracket({ title: 'Cap' }), 500),
    sampleDecision({ ...(gear ?? bracket()), plan }, 18_000, { plan: true, laneId: 'permanent-mould/tilt' }),
  ];
  expect(signed[1]?.snapshot.plan?.deliveries?.length).toBeGreaterThan(0);
  for (const { snapshot } of signed) {
    const stored: unknown = JSON.parse(JSON.stringify(snapshot));
    expect(underPresentNames(stored)).toEqual(stored);
  }
});
