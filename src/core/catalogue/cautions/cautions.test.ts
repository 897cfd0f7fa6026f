import { expect, test } from 'vitest';
import { findAlloy } from '../alloys';
import { LANES } from '../routes';
import { cautionsFor } from '.';

const of = (route: string, alloy: string): string[] => cautionsFor(route, findAlloy(alloy) ?? null).map((c) => c.id);

test('every casting route with any metal has water and molten metal among its cautions, the gravest first', () => {
  for (const route of new Set(LANES.map((l) => l.route.id))) {
    const found = cautionsFor(route, findAlloy('al-a356') ?? null);
    expect(found.map((c) => c.id)).toContain('c-water-molten');
    const order = found.map((c) => ['life', 'injury', 'health'].indexOf(c.severity));
    expect([...order].sort((a, b) => a - b)).toEqual(order);
  }
});

test('a caution of the metal comes with the metal only, one of the route with the route only', () => {
  expect(of('spin', 'sn-pewter')).toContain('c-lead');
  expect(of('gravity-die', 'al-a356')).not.toContain('c-lead');
  expect(of('spin', 'zn-alloy-3')).toContain('c-spinning-disc');
  expect(of('green-sand', 'al-a356')).not.toContain('c-spinning-disc');
  expect(of('machined', 'al-a356')).not.toContain('c-water-molten');
});

test('without a metal only what any metal brings is told', () => {
  const none = cautionsFor('green-sand', null);
  expect(none.length).toBeGreaterThan(0);
  for (const c of none) expect(c.applies.alloys).toBe('all');
});
