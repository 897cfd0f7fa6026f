import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pushedApart, rowsAbove } from './places';

const names = fc.array(
  fc.record({ x: fc.double({ min: 0, max: 900, noNaN: true }), width: fc.double({ min: 5, max: 140, noNaN: true }) }),
  { maxLength: 12 },
);

describe('names above a picture', () => {
  it('stand on one row where there is room', () => {
    expect(
      rowsAbove([
        { x: 0, width: 50 },
        { x: 300, width: 50 },
        { x: 100, width: 50 },
      ]),
    ).toEqual([0, 0, 0]);
  });
  it('let the line further left climb over the one further right', () => {
    expect(
      rowsAbove([
        { x: 10, width: 60 },
        { x: 14, width: 80 },
      ]),
    ).toEqual([1, 0]);
  });
  it('never cover each other, and no stroke passes through a name', () => {
    fc.assert(
      fc.property(names, (all) => {
        const rows = rowsAbove(all);
        all.forEach((a, i) => {
          all.forEach((b, j) => {
            if (i === j || b.x < a.x || b.x >= a.x + a.width) return;
            // The stroke of b lies within the name of a: it must end below a's row, or, at the same place, above it.
            if (b.x > a.x) expect(rows[j]).toBeLessThan(rows[i] ?? 0);
            else expect(rows[j]).not.toBe(rows[i]);
          });
        });
      }),
    );
  });
});

describe('names beside the ends of lines', () => {
  const ends = fc
    .array(fc.double({ min: 0, max: 300, noNaN: true }), { maxLength: 15 })
    .map((ys) => ys.sort((a, b) => a - b));
  it('stand where their lines end when there is room', () => {
    expect(pushedApart([10, 60, 200], 0, 300, 12)).toEqual([10, 60, 200]);
  });
  it('are pushed down, and back up at the lower edge', () => {
    expect(pushedApart([10, 11, 12], 0, 300, 12)).toEqual([10, 22, 34]);
    expect(pushedApart([280, 299, 300], 0, 300, 12)).toEqual([276, 288, 300]);
  });
  it('keep their order, their distance and the lower edge, whatever the lines do', () => {
    fc.assert(
      fc.property(ends, (ys) => {
        const placed = pushedApart(ys, 0, 300, 12);
        placed.forEach((y, i) => {
          expect(y).toBeLessThanOrEqual(300);
          expect(y).toBeGreaterThanOrEqual(0);
          if (i > 0) expect(y - (placed[i - 1] ?? 0)).toBeGreaterThan(12 - 1e-9);
        });
      }),
    );
  });
});
