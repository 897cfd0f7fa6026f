import { expect, test } from 'vitest';
import { alloyFigure, metalPrice } from './alloy-words';

test.each([
  [200, 'MPa', 'si', '200 MPa'],
  [200, 'MPa', 'inch', '29.01 ksi'],
  [2680, 'kg/m³', 'inch', '0.09682 lb/in³'],
  [6, '%', 'inch', '6 %'],
  [null, 'MPa', 'si', 'not known'],
] as const)('%d %s in %s units reads “%s”', (value, unit, system, words) => {
  expect(alloyFigure(value, unit, system)).toBe(words);
});

test('metal is priced by the kilogram or by the pound', () => {
  expect(metalPrice(3.2, 'si')).toBe('3.2 USD/kg');
  expect(metalPrice(10, 'inch')).toBe('4.54 USD/lb');
});
