import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { FORMULAS, runVector, WORKED_CASES } from '.';

const cases = WORKED_CASES;

const read = (path: string): Uint8Array =>
  readFileSync(join(import.meta.dirname, '../../../../public/worked-cases', path));

test.each(cases.map((c) => [c.id ?? c.formula, c] as const))('%s', (_, c) => {
  expect(runVector(c, read)).toMatchObject({ outcome: 'passed', detail: '' });
});

test('every formula built has at least one worked case', () => {
  const covered = new Set(cases.map((c) => c.formula));
  expect(Object.keys(FORMULAS).filter((id) => !covered.has(id))).toEqual([]);
});

test('the runner fails a wrong expectation and skips an unknown formula', () => {
  expect(
    runVector({ formula: 'tol.ct', inputs: { nominal_mm: 120, grade: 9 }, expected: { total_mm: 2.6 } }).outcome,
  ).toBe('failed');
  expect(
    runVector({ formula: 'tol.ct', inputs: { nominal_mm: 120, grade: 9 }, expected: { error: 'E_KEY' } }).outcome,
  ).toBe('failed');
  expect(runVector({ formula: 'no.such', inputs: {}, expected: {} }).outcome).toBe('skipped');
});

test.each([
  ['tol.ct', { nominal_mm: 'ten', grade: 8 }, 'E_NOT_A_NUMBER'],
  ['tol.ct', { nominal_mm: -1, grade: 8 }, 'E_SIGN'],
  ['tol.ct', { nominal_mm: 10_001, grade: 8 }, 'E_RANGE'],
  ['tol.ct', { nominal_mm: 100, grade: 16, wall: true }, 'E_RANGE'],
  ['tol.parting', { base_mm: 0.3, projectedArea_cm2: 900, rows: [{ upTo_cm2: 65, add_mm: 0.1 }] }, 'E_RANGE'],
  [
    'tol.parting',
    {
      base_mm: 0.3,
      projectedArea_cm2: 9,
      rows: [
        { upTo_cm2: 65, add_mm: 0.1 },
        { upTo_cm2: 60, add_mm: 0.2 },
      ],
    },
    'E_ORDER',
  ],
  ['tol.stack', { links: [] }, 'E_EMPTY'],
  ['tol.roughness', { ra_um: 51 }, 'E_RANGE'],
  ['feed.need', { route: 'permanent-mould', netShrink: 0.05 }, 'E_KEY'],
  ['feed.need', { route: 'lost-foam', netShrink: 0.05 }, 'E_KEY'],
  ['feed.need', { route: 'green-sand', netShrink: 0.2 }, 'E_RANGE'],
  ['feed.need', { route: 'green-sand' }, 'E_NOT_A_NUMBER'],
  ['shrink.scale', { nominal_mm: 0, shrinks: [0.02] }, 'E_SIGN'],
  ['shrink.scale', { nominal_mm: 10, shrinks: [] }, 'E_EMPTY'],
  ['shrink.scale', { nominal_mm: 10, shrinks: [0.02], school: 'on-mould' }, 'E_KEY'],
  ['shrink.scale', { nominal_mm: 10, shrinks: [-0.2] }, 'E_RANGE'],
  ['qty.batches', { need: 2.5, perBatch: 2 }, 'E_RANGE'],
  ['qty.positions', { positions: 4, lost: 4, scrap: 0, need: 1 }, 'E_RANGE'],
  ['qty.starts', { need: 5, yield: 0, confidence: 0.9 }, 'E_RANGE'],
  ['qty.throughput', { factors: [{ value: 3, unit: '' }], want: 'piece' }, 'E_UNIT'],
  ['geo.mesh', { mesh: 'no file', unit: 'mm' }, 'E_NOT_A_NUMBER'],
  ['geo.junction', { type: 'Y', wall_mm: 5 }, 'E_KEY'],
  ['geo.junction', { type: 'L', wall_mm: -5 }, 'E_SIGN'],
  ['geo.modulus', { shape: 'tube', outer_mm: 20, inner_mm: 20 }, 'E_ORDER'],
  ['geo.modulus', { shape: 'plate' }, 'E_NOT_A_NUMBER'],
  ['geo.section-ratio', { thick_mm: 4, thin_mm: 5 }, 'E_ORDER'],
  ['money.total', { plan: { perPart: 1 }, q: 1.5 }, 'E_RANGE'],
  ['money.crossovers', { a: {}, b: {}, qMax: 3_000_000 }, 'E_TOO_LARGE'],
  ['money.npv', { rate: -1, flows: [1] }, 'E_RANGE'],
  ['money.learning', { first_h: 1, slope: 0.4, n: 2 }, 'E_RANGE'],
  ['money.buy-to-fly', { stock_kg: 1, finished_kg: 2, price_per_kg: 1, chipPrice_per_kg: 0 }, 'E_ORDER'],
  ['cal.add-workdays', { start: '2026-01-01', days: 1, hoursByWeekday: [0, 0, 0, 0, 0, 0, 0] }, 'E_NO_SOLUTION'],
  [
    'cal.critical-path',
    {
      tasks: [
        { id: 'a', days: 1 },
        { id: 'a', days: 1 },
      ],
    },
    'E_KEY',
  ],
  ['cal.cumulative', { rates: [{ fromDay: 1, perDay: 0 }], scrap: 0, need: 1 }, 'E_NO_SOLUTION'],
] as const)('%s refuses %j as %s', (formula, inputs, code) => {
  expect(runVector({ formula, inputs: inputs, expected: { error: code } })).toMatchObject({
    outcome: 'passed',
    detail: '',
  });
});
