import { describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { StudyWorkings } from '@/core/phased-plans';
import { standingOf } from '@/core/decision';
import { SHIPPED_RATES, type RateSet } from '@/core/rates';
import { bracket } from '@/core/testing/demo-briefs';
import type { DecisionRecord } from '@/server/decisions';
import type { StandingOf } from '@/server/results';
import { askedFigure } from './reason';
import { studyAtSigning } from './study-at-signing';

const brief = bracket();
const laneId = boardAt(prepareStudy(brief), 2000).leader ?? '';
// Whoever moulds has become dearer by a tenth.
const { Rskill } = SHIPPED_RATES.global;
const dearer: RateSet = {
  ...SHIPPED_RATES,
  global: { ...SHIPPED_RATES.global, Rskill: { ...Rskill, v: (Rskill.v as readonly number[]).map((x) => 1.1 * x) } },
} as unknown as RateSet;
const found = standingOf(
  {
    brief,
    rates: SHIPPED_RATES,
    school: 'published',
    laneId,
    quantity: 2000,
    orderDate: '2027-01-04',
    plan: null,
    weights: null,
  },
  dearer,
);
const standing = { ...found, ratesId: 'r', ratesName: 'Spring', studyId: 's', decisionId: 'd' } as StandingOf;
const decision = { quantity: 2000, school: 'published', snapshot: { brief, rates: SHIPPED_RATES } } as DecisionRecord;

describe('a figure of a standing asked for by the address', () => {
  test('is the one at that place in the sentence; words and other places are none', () => {
    const places = standing.explanation.flatMap((piece, i) => (typeof piece === 'string' ? [] : [i]));
    expect(places.length).toBeGreaterThanOrEqual(2);
    for (const i of places) expect(askedFigure(standing, `#standing-${i}`)).toBe(standing.explanation[i]);
    const word = standing.explanation.findIndex((piece) => typeof piece === 'string');
    for (const hash of ['', '#standing-', `#standing-${word}`, '#standing-99', '#standing-1x', '#field-title'])
      expect(askedFigure(standing, hash), hash).toBeUndefined();
  });
});

describe('the two studies of a standing', () => {
  const looks = studyAtSigning(prepareStudy, decision, dearer, standing);
  test('each figure comes from its own: as signed, and at the rates of today', () => {
    for (const piece of standing.explanation) {
      if (typeof piece === 'string') continue;
      const { study, q, words } = looks(piece.at);
      const { value } = new StudyWorkings(study, q).working(piece.laneId, piece.figure ?? '');
      expect(Number(/[\d.]+/.exec(piece.text)?.[0])).toBeCloseTo(Math.abs(value), 1);
      expect(words).toBe(piece.at === 'signed' ? 'as signed' : 'the signed brief at today’s rates');
    }
    const allIn = (at: 'signed' | 'today'): number =>
      new StudyWorkings(looks(at).study, 2000).working(laneId, 'allIn').value;
    expect(allIn('today')).toBeGreaterThan(allIn('signed'));
  });
  test('is readied once, whatever is opened from it', () => {
    expect(looks('signed')).toBe(looks('signed'));
    expect(looks('today')).not.toBe(looks('signed'));
  });
});
