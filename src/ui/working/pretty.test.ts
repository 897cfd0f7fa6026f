import { expect, test } from 'vitest';
import { pretty } from './pretty';

test.each([
  ['V * rho', 'V · ρ'],
  ['a - b', 'a − b'],
  [`${Math.PI / 4} * d * d * depth`, 'π/4 · d · d · depth'],
  [`${Math.PI} * d * depth * s`, 'π · d · depth · s'],
  ['n * (1 - lambda)', 'n · (1 − λ)'],
  ['kappa', 'κ'],
])('%s is shown as %s', (plain, shown) => {
  expect(pretty(plain)).toBe(shown);
});
