import { expect, test } from 'vitest';
import { findAlloy } from '../alloys';
import { LANES } from '../routes';
import { cautionsOf } from '../../part';
import { bracket } from '../../testing/demo-briefs';
import { cautionsFor, cautionsLeftOut } from '.';

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

test('a caution that only some parts bring on is left out where the part is known not to, and says why', () => {
  const alloy = findAlloy('al-a356') ?? null;
  const plain = cautionsOf(
    bracket({ needs: { xray: false, gasTest: false, pressureTight: false, heatTreated: false } }),
    alloy,
  );
  const said = (so: ReturnType<typeof cautionsOf>): string[] => cautionsFor('gravity-die', alloy, so).map((c) => c.id);
  for (const id of ['c-xray', 'c-gas-test', 'c-quench', 'c-silica-dust', 'c-binder-fume'])
    expect(said(plain)).not.toContain(id);
  const left = cautionsLeftOut('gravity-die', alloy, plain);
  expect(left.map((l) => l.caution.id)).toContain('c-xray');
  expect(left.every((l) => l.why.length > 10)).toBe(true);
  // Sand carries silica whatever the part; a flask is always quenched.
  expect(cautionsFor('green-sand', alloy, plain).map((c) => c.id)).toContain('c-silica-dust');
  expect(said(cautionsOf(bracket({ needs: { xray: true } }), alloy))).toContain('c-xray');
  // A tight part tested with water brings no gas; one of which that is not said may.
  const tight = { pressureTight: true };
  expect(said(cautionsOf(bracket({ needs: { ...tight, gasTest: false } }), alloy))).not.toContain('c-gas-test');
  expect(said(cautionsOf(bracket({ needs: tight }), alloy))).toContain('c-gas-test');
  // What is not said counts as so.
  expect(said(cautionsOf(bracket({ needs: {} }), alloy))).toContain('c-quench');
  const cored = bracket({ needs: {}, geometry: { ...bracket().geometry, passages: 1 } });
  expect(said(cautionsOf(cored, alloy))).toContain('c-silica-dust');
});
