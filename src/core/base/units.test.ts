import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inUnitsOf, toDisplay, toStored, type Dimension, type UnitSystem } from './units';

test('one inch is 25.4 mm, one pound 0.45359237 kg, one cubic inch 16.387064 cm³', () => {
  expect(toDisplay(25.4, 'length', 'inch')).toBeCloseTo(1, 12);
  expect(toStored(1, 'mass', 'inch')).toBeCloseTo(0.45359237, 12);
  expect(toStored(1, 'volume', 'inch')).toBeCloseTo(16.387064, 9);
  expect(toStored(1, 'area', 'inch')).toBeCloseTo(6.4516, 9);
  expect(toDisplay(0.0254, 'roughness', 'inch')).toBeCloseTo(1, 12);
});

test('ten dollars a kilogram are 4.54 a pound', () => {
  expect(toDisplay(10, 'metalPrice', 'inch')).toBeCloseTo(4.5359237, 9);
});

test('there and back changes nothing beyond the last bits', () => {
  const dimension = fc.constantFrom<Dimension>(
    'length',
    'area',
    'volume',
    'mass',
    'roughness',
    'stress',
    'density',
    'metalPrice',
    'force',
    'temperature',
    'temperatureStep',
    'temperatureRate',
    'pressure',
    'speed',
  );
  const system = fc.constantFrom<UnitSystem>('si', 'inch');
  fc.assert(
    fc.property(fc.double({ min: 1e-6, max: 1e6, noNaN: true }), dimension, system, (x, d, s) => {
      // Beside the zero of another scale a small figure loses some of its last bits.
      expect(Math.abs(toStored(toDisplay(x, d, s), d, s) - x)).toBeLessThan(1e-12 * (x + 100));
    }),
  );
});

test.each([
  [254, 'mm', 10, 'in'],
  [1, 'dm²', 15.500031, 'in²'],
  [2, 'dm³', 122.047488, 'in³'],
  [453.59237, 'g', 1, 'lb'],
  [0.8, 'µm', 31.496063, 'µin'],
  [6.894757293, 'MPa', 1, 'ksi'],
  [10, 'USD/kg', 4.5359237, 'USD/lb'],
  [27_679.904711, 'kg/m³', 1, 'lb/in³'],
  [660, '°C', 1220, '°F'],
  [-40, '°C', -40, '°F'],
  [100, 'K', 180, 'F°'],
  [100, '°C/h', 180, '°F/h'],
  [1, 'bar', 14.503774, 'psi'],
  [100, 'kPa', 14.503774, 'psi'],
  [0.3048, 'm/s', 1, 'ft/s'],
])('%f %s is %f %s', (value, unit, inch, written) => {
  const found = inUnitsOf(value, unit, 'inch');
  expect(found?.value).toBeCloseTo(inch, 6);
  expect(found?.unit).toBe(written);
});

test('hours, money and ratios are the same in every system', () => {
  for (const unit of ['h', 'USD', 'USD/part', '–', ': 1']) expect(inUnitsOf(1, unit, 'inch')).toBeNull();
});
