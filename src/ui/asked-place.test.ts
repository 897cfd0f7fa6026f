// @vitest-environment jsdom
import { expect, test } from 'vitest';
import { askedPlace } from './asked-place';

test.each([
  ['', ''],
  ['#field-holes', 'field-holes'],
  ['#global%5B%22Rlab%22%5D', 'global["Rlab"]'],
  ['#%zz', ''],
  ['#%E0%A4', ''],
])('“%s” asks for “%s”', (hash, place) => {
  window.location.hash = hash;
  expect(askedPlace()).toBe(place);
});
