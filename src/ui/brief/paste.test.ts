import { expect, test } from 'vitest';
import { nextId, pastedFeatures, pastedHoles, pastedRows } from './paste';

const same = (x: number): number => x;

test('a block from a spreadsheet becomes rows, its head left out', () => {
  const block =
    'Name\tKind\tNominal\tTolerance\tAcross\tMay cut\tMust cut\nlength\tdim\t90\t1,4\t\tno\nbore\tbore\t40\t0.04\tno\tyes\tyes\t\t30';
  expect(pastedFeatures(block, same, same)).toEqual([
    expect.objectContaining({
      name: 'length',
      kind: 'dim',
      nominal_mm: 90,
      tol_mm: 1.4,
      mayMachine: false,
      mustMachine: false,
    }),
    expect.objectContaining({
      name: 'bore',
      kind: 'bore',
      nominal_mm: 40,
      tol_mm: 0.04,
      mayMachine: true,
      mustMachine: true,
      depth_mm: 30,
    }),
  ]);
});

test('unreadable cells are kept as typed', () => {
  expect(pastedFeatures('a\tdim\tninety\t1', same, same)?.[0]).toMatchObject({ nominal_mm: 'ninety' });
});

test('holes, and units of the screen', () => {
  expect(pastedHoles('0.5\t1\t4\tyes\tno', (x) => x * 25.4)).toEqual([
    { dia_mm: 12.7, depth_mm: 25.4, count: 4, thread: true, through: false, tol_mm: undefined },
  ]);
});

test('plain text is no block', () => {
  expect(pastedRows('12.5')).toBeNull();
});

test('ids go on where they end', () => {
  expect(nextId([])).toBe('a');
  expect(nextId(['a', 'b', 'd'])).toBe('c');
  expect(nextId([...'abcdefghijklmnopqrstuvwxyz'])).toBe('a1');
});
