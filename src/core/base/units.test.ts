import fc from 'fast-check';
import { expect, test } from 'vitest';
import { displayScale, inUnitsOf, toDisplay, toStored, type Dimension, type UnitSystem } from './units';

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

test.each([
  [2.326, 'kJ/kg', 1, 'Btu/lb'],
  [4.1868, 'kJ/(kg·K)', 1, 'Btu/(lb·°F)'],
  [1.730734666, 'W/(m·K)', 1, 'Btu/(h·ft·°F)'],
  [1, 'J/mm³', 0.366252, 'hp·min/in³'],
  [15.500031, 'min/dm² of casting surface', 1, 'min/in² of casting surface'],
  [61.0237441, 'USD/dm³ of envelope per cavity', 1, 'USD/in³ of envelope per cavity'],
  [0.45359237, 'kg poured per shift', 1, 'lb poured per shift'],
  [4.5359237, 'kg/h/caster', 10, 'lb/h/caster'],
  [1, 's/mm of section', 25.4, 's/in of section'],
  [1, 'h/mm of thickest section', 25.4, 'h/in of thickest section'],
  [112.404473, 's/MN clamp', 1, 's/tonf clamp'],
  [112.404473, 'USD/h per MN clamp', 1, 'USD/h per tonf clamp'],
  [25.4, 'mm added to the total width', 1, 'in added to the total width'],
  [10, 'kPa below air', 1.45037738, 'psi below air'],
  [1, 'Ra µm', 39.3700787, 'Ra µin'],
  [10, 'USD/kg of part, with routine machining', 4.5359237, 'USD/lb of part, with routine machining'],
  [2, 'min/dm of mean size', 0.508, 'min/in of mean size'],
])('%f %s is %f %s, a unit made of others', (value, unit, inch, written) => {
  const found = inUnitsOf(value, unit, 'inch');
  expect(found?.unit).toBe(written);
  expect(found?.value).toBeCloseTo(inch, 5);
  expect(inUnitsOf(value, unit, 'si')).toBeNull();
});

test.each([
  'mm/mm',
  'mm per 100 mm',
  'h',
  'USD/lot',
  '% of sand',
  'share of castings',
  'min/core at 1 dm',
  'HB',
  ': 1',
  '',
])('“%s” stays as it is in inches and pounds', (unit) => {
  expect(inUnitsOf(3, unit, 'inch')).toBeNull();
  expect(displayScale(unit, 'inch')).toEqual({ unit, factor: 1, zero: 0 });
});
