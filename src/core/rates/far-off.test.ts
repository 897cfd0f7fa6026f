import fc from 'fast-check';
import { expect, test } from 'vitest';
import { farOff, rateEntries, SHIPPED_RATES } from '.';

const SHIPPED = new Map(rateEntries(SHIPPED_RATES).map((e) => [e.path, e]));
const RMC = SHIPPED.get('global.Rmc')!;

test('a slip of the unit is told, a shop’s own rate is not', () => {
  const usual = RMC.value as readonly [number, number, number];
  const times = (f: number): readonly [number, number, number] => [usual[0] * f, usual[1] * f, usual[2] * f];
  expect(farOff({ 'global.Rmc': times(1000) }, SHIPPED)).toMatchObject([{ ratio: 1000, shipped: usual[1] }]);
  expect(farOff({ 'global.Rmc': times(1 / 60) }, SHIPPED)).toHaveLength(1);
  for (const f of [1, 0.3, 4, 19.9]) expect(farOff({ 'global.Rmc': times(f) }, SHIPPED)).toEqual([]);
  expect(farOff({ 'global.Rmc': null, 'no.such': 5 }, SHIPPED)).toEqual([]);
});

test('what is told lies outside the band, and what lies outside is told', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SHIPPED.values()), fc.double({ min: 1e-6, max: 1e6, noNaN: true }), (entry, f) => {
      const value = entry.value;
      const shipped = typeof value === 'number' ? value : value[1];
      const given = typeof value === 'number' ? value * f : ([value[0] * f, value[1] * f, value[2] * f] as const);
      const told = farOff({ [entry.path]: given }, SHIPPED);
      if (!(shipped > 0)) {
        expect(told).toEqual([]);
        return;
      }
      const ratio = (shipped * f) / shipped;
      if (Math.abs(Math.log(ratio)) < Math.log(19.99)) expect(told).toEqual([]);
      if (Math.abs(Math.log(ratio)) > Math.log(20.01)) expect(told).toHaveLength(1);
    }),
  );
});
