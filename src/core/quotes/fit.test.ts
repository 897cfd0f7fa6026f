import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { scatter } from '../testing/scatter';
import { fitBounded, type Prior } from './fit';

const prior = (likely: number): Prior => ({ likely, spread: 0.3 * likely, least: likely / 3, most: likely * 3 });
const PRIORS = [prior(40), prior(8), prior(0.2)];
const TRUE = [55, 6.5, 0.26];
/** The logarithm of a price made of labour, metal and a share on top: of twelve different parts. */
const PARTS = Array.from({ length: 12 }, (_, i) => [0.1 + 0.13 * (i % 4), 0.2 + 0.9 * (i % 5), (i % 3) * 0.5] as const);
const prices = ([labour = 0, metal = 0, share = 0]: readonly number[]): number[] =>
  PARTS.map(([hours, kg, dear]) => Math.log((labour * hours + metal * kg) * (1 + share * (0.3 + dear))));

describe('a fit to observations', () => {
  test('recovers what they were made with, to 2 %, where they have no error', () => {
    const { values, noise } = fitBounded(prices, prices(TRUE), PRIORS, 0.05);
    values.forEach((x, j) => expect(Math.abs(x / (TRUE[j] ?? 1) - 1), `parameter ${j}`).toBeLessThan(0.02));
    expect(noise).toBeLessThan(0.005);
  });

  test('is within its own error, as often as that says, where they scatter by 5 %', () => {
    let within = 0;
    let all = 0;
    for (let seed = 1; seed <= 100; seed++) {
      const error = scatter(seed);
      const observed = prices(TRUE).map((x) => x + 0.05 * error());
      const fit = fitBounded(prices, observed, PRIORS, 0.05);
      fit.values.forEach((x, j) => {
        all++;
        if (Math.abs(x - (TRUE[j] ?? 0)) <= 2 * (fit.errors[j] ?? 0)) within++;
      });
      expect(fit.noise).toBeGreaterThan(0.01);
      expect(fit.noise).toBeLessThan(0.12);
    }
    // Two standard deviations hold 95 of 100; scatter is itself only known from a dozen.
    expect(within / all).toBeGreaterThan(0.88);
  });

  test('stays within its bounds, and ends there where the observations pull beyond', () => {
    const { values } = fitBounded(
      ([x = 0]) => [x, x, x],
      [9, 9.1, 8.9],
      [{ likely: 1, spread: 5, least: 0, most: 2 }],
      0.1,
    );
    expect(values[0]).toBe(2);
  });

  test('without anything that tells, is what was known before, as sure as before', () => {
    const { values, errors, pulls } = fitBounded(() => [1, 2], [1, 2], PRIORS, 0.05);
    values.forEach((x, j) => expect(x).toBeCloseTo(PRIORS[j]?.likely ?? 0, 9));
    errors.forEach((e, j) => expect(e).toBeCloseTo(PRIORS[j]?.spread ?? 0, 6));
    expect(pulls).toEqual([0, 0]);
  });

  test('lies between what was known and what was observed, nearer to the surer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.integer({ min: 1, max: 9 }),
        (known, seen, n) => {
          const observed = Array.from({ length: n }, (_, i) => seen + (i % 2 === 0 ? 0.5 : -0.5));
          const { values, errors } = fitBounded(
            ([x = 0]) => observed.map(() => x),
            observed,
            [{ likely: known, spread: 5, least: 0, most: 200 }],
            0.5,
          );
          const mean = observed.reduce((a, b) => a + b, 0) / n;
          const [x = NaN] = values;
          expect(x).toBeGreaterThanOrEqual(Math.min(known, mean) - 1e-6);
          expect(x).toBeLessThanOrEqual(Math.max(known, mean) + 1e-6);
          expect(errors[0]).toBeLessThanOrEqual(5);
        },
      ),
      { numRuns: 200 },
    );
  });

  test('an observation that alone tells of something pulls most', () => {
    const model = ([a = 0, b = 0]: readonly number[]): number[] => [a, a, a, a, b];
    const two = [prior(1), prior(1)];
    const { pulls } = fitBounded(model, [1.1, 1.0, 1.2, 1.1, 1.6], two, 0.1);
    expect(pulls[4]).toBeGreaterThan(Math.max(...pulls.slice(0, 4)));
    expect(pulls.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(2);
  });

  test.each([
    [() => fitBounded(() => [], [], PRIORS, 0.1), /observed/],
    [() => fitBounded(() => [1], [1], [{ likely: 1, spread: 0, least: 0, most: 2 }], 0.1), /spread/],
    [() => fitBounded(() => [NaN], [1], PRIORS, 0.1), /model/],
    [() => fitBounded(() => [1, 2], [1], PRIORS, 0.1), /model/],
  ])('is refused where it cannot be made', (run, message) => {
    expect(run).toThrow(message);
  });
});
