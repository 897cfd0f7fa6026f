import { describe, expect, test } from 'vitest';
import { SHIPPED_RATES } from '../rates';
import {
  bracketOf,
  briefFlipWords,
  figureWords,
  flipWords,
  inDraws,
  inputWords,
  nearness,
  stanceOf,
  percent,
  type BriefFlip,
  type DoubtInput,
  type Flip,
} from '.';

const input = (more: Partial<DoubtInput>): DoubtInput => ({
  key: 'global.Rskill',
  words: 'who moulds',
  range: [32, 44, 62],
  unit: 'USD/h',
  source: 'rate',
  path: 'global.Rskill',
  ...more,
});
const flip = (more: Partial<Flip>): Flip => ({
  key: 'global.Rskill',
  against: 'gravity-die/hand',
  at: [71.23],
  totals: [[900, 900]],
  kind: 'one',
  within: false,
  ...more,
});

describe('shares', () => {
  test('never say none or all where there are some', () => {
    expect(percent(0)).toBe('0');
    expect(percent(0.004)).toBe('under 1');
    expect(percent(0.996)).toBe('over 99');
    expect(percent(1)).toBe('100');
    expect(inDraws({ share: 1, low: 0.99962, high: 1 })).toContain('every draw (at least 99.96 %');
    expect(inDraws({ share: 0, low: 0, high: 0.0004 })).toContain('no draw (at most 0.04 %');
    expect(inDraws({ share: 0.61, low: 0.6, high: 0.62 })).toBe(
      'in 61 % of the draws (60.0 to 62.0 %, by sampling error)',
    );
  });
});

describe('figures in doubt', () => {
  test('are called as the rate set calls them, those of a lane with its name', () => {
    expect(inputWords(input({}), SHIPPED_RATES)).toContain('moulder');
    expect(
      inputWords(
        input({
          key: 'routes["spin/silicone-rubber"].life_shots',
          path: 'life_shots',
          words: 'shots',
          source: 'route',
        }),
        SHIPPED_RATES,
      ),
    ).toMatch(/^spin casting.*: shots$/);
  });
  test('shares are told as per cent, pieces whole', () => {
    expect(figureWords(0.0612, 'share')).toBe('6.12 %');
    expect(figureWords(4531.4, 'pieces')).toBe('4\u202f531 pieces');
    expect(figureWords(2, '–')).toBe('2');
  });
  test('a share is not looked for beyond what a share can be', () => {
    expect(bracketOf({ range: [0.1, 0.5, 0.6], unit: 'share' })).toEqual([0.1, 0.95]);
    expect(bracketOf({ range: [1, 2, 3], unit: 'USD' })).toEqual([0.5, 8]);
    expect(bracketOf({ range: [0, 0, 4], unit: 'pours' })).toEqual([0, 4]);
  });
});

describe('flip points as sentences', () => {
  test('say which way, to what, and what follows', () => {
    expect(flipWords(flip({}), input({}), SHIPPED_RATES, 'first')).toMatch(
      /^Stays first until .* rises above 71.2 USD\/h \(likely 44 USD\/h\); then gravity die/,
    );
    expect(flipWords(flip({ at: [12] }), input({}), SHIPPED_RATES, 'ahead')).toMatch(
      /^Stays ahead .* falls below 12 USD\/h/,
    );
    expect(flipWords(flip({ at: [12, 90], kind: 'many' }), input({}), SHIPPED_RATES, 'first')).toContain(
      '12 USD/h, 90 USD/h',
    );
  });
  test('a plan that is behind comes ahead, where a leader stays first', () => {
    expect(flipWords(flip({ at: [12] }), input({}), SHIPPED_RATES, 'behind')).toMatch(
      /^Comes ahead of gravity die.* once .* falls below 12 USD\/h/,
    );
    const tools = (at: number): BriefFlip => ({
      kind: 'tooling',
      key: 'tooling',
      words: 'the price of both tools',
      unit: 'USD',
      now: 900,
      against: 'gravity-die/hand',
      at: [at],
    });
    expect([stanceOf('plan', [tools(700)]), stanceOf('plan', [tools(1200)]), stanceOf('spin', [tools(700)])]).toEqual([
      'behind',
      'ahead',
      'first',
    ]);
    expect(briefFlipWords(tools(700), 'plan', 'behind')).toContain(
      'only where the price of both tools is under 700 USD',
    );
    expect(briefFlipWords(tools(-40), 'plan', 'behind')).toBe(
      'Even with tools for nothing it stays behind gravity die, ladled by hand',
    );
    const quantity = { ...tools(0), kind: 'quantity', now: 500 } as const;
    expect(briefFlipWords({ ...quantity, at: [800] }, 'plan', 'behind')).toContain('from 800 pieces on');
    expect(briefFlipWords({ ...quantity, at: [300] }, 'plan', 'behind')).toContain('below 300 pieces');
  });
  test('the nearest by the width of its range comes first', () => {
    expect(nearness(flip({}), input({}))).toBeCloseTo(27.23 / 30, 9);
    expect(nearness(flip({ at: [12, 45] }), input({}))).toBeCloseTo(1 / 30, 9);
  });
  test('of the brief: none, one and several changes are told as such', () => {
    const of = (more: Partial<BriefFlip>): BriefFlip => ({
      kind: 'quantity',
      key: 'quantity',
      words: 'pieces over the life',
      unit: 'pieces',
      now: 18_000,
      against: 'gravity-die/hand',
      at: [4531],
      ...more,
    });
    const lead = 'permanent-mould/tilt';
    expect(briefFlipWords(of({}), lead)).toContain('down to 4\u202f531 pieces');
    expect(briefFlipWords(of({ at: [20_000] }), lead)).toContain('up to 19\u202f999 pieces');
    expect(briefFlipWords(of({ at: [] }), lead)).toContain('At no quantity of the rail');
    expect(briefFlipWords(of({ at: [10, 20] }), lead)).toContain('change places at 10, 20 pieces');
    expect(briefFlipWords(of({ kind: 'lead', at: [87.5], against: null }), lead)).toContain('no other route is sooner');
    expect(briefFlipWords(of({ kind: 'tolerance', against: null, unit: 'mm', now: 1.6, at: [1] }), lead)).toContain(
      'then no route survives',
    );
  });
});
