import { describe, expect, test } from 'vitest';
import { SHIPPED_RATES } from '../rates';
import {
  bracketOf,
  drawsParts,
  figureWords,
  inputWords,
  nearness,
  percent,
  type SimulationInput,
  type Flip,
  type Share,
} from '.';

const input = (more: Partial<SimulationInput>): SimulationInput => ({
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

const inDraws = (s: Share): string => drawsParts(s, 10_000).join('').replace('Sampling', ' · Sampling');

describe('shares', () => {
  test('never say none or all where there are some', () => {
    expect(percent(0)).toBe('0');
    expect(percent(0.004)).toBe('under 1');
    expect(percent(0.996)).toBe('over 99');
    expect(percent(1)).toBe('100');
    expect(inDraws({ share: 1, low: 0.99962, high: 1 })).toBe(
      'in all 10\u202f000 simulations · Sampling error: at least 99.96 %',
    );
    expect(inDraws({ share: 0, low: 0, high: 0.0004 })).toBe(
      'in none of 10\u202f000 simulations · Sampling error: at most 0.04 %',
    );
    expect(inDraws({ share: 0.61, low: 0.6, high: 0.62 })).toBe('in 61 % of simulations · Sampling error: 60.0–62.0 %');
  });
});

describe('uncertain figures', () => {
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

describe('flip points', () => {
  test('the nearest by the width of its range comes first', () => {
    expect(nearness(flip({}), input({}))).toBeCloseTo(27.23 / 30, 9);
    expect(nearness(flip({ at: [12, 45] }), input({}))).toBeCloseTo(1 / 30, 9);
  });
});
