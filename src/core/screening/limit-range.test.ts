import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt } from '../comparison/board';
import { bookEntries, disorders, ownEntries, refusedValue, type OwnValues, type ProcessValue } from '../process-values';
import { BOOK_PROCESS_REF, ratesOf, SHIPPED_REF } from '../rates';
import { prepareStudy } from '../study';
import { bracket } from '../testing/demo-briefs';
import { isInRange, type Finding } from '.';

const own = (v: ProcessValue): OwnValues[string] => ({ v, known: 'claimed', source: 'a call', date: '2026-11-02' });
const WALL = '["gravity-die"].wallMin.aluminium[1]';
// A set is known by its id and version.
const ratesWith = (values: OwnValues) =>
  ratesOf({ ...SHIPPED_REF, process: { ...BOOK_PROCESS_REF, id: JSON.stringify(values), name: 'Ours', own: values } });

/** What is found of the wall of the bracket in a gravity die. */
function wallFound(values: OwnValues, wall: number): Finding | undefined {
  const brief = bracket();
  const geometry = { ...brief.geometry, wallMin_mm: wall };
  const board = boardAt(prepareStudy({ ...brief, geometry }, 'published', ratesWith(values)), 500);
  return board.lanes.find((l) => l.id.startsWith('gravity-die/'))?.findings.find((f) => f.rule === 'dr-wall-min');
}

describe('a limit given with a range', () => {
  test('is judged by its likely figure; inside it by less than the range the part is near the limit', () => {
    const values = { [WALL]: own([3, 4, 6]) };
    expect(disorders(values)).toEqual([]);
    const near = wallFound(values, 5.9);
    expect(near).toMatchObject({ status: 'tight', limit: 4, source: { who: 'Ours', range: [3, 4, 6] } });
    expect(wallFound({ [WALL]: own(4) }, 5.9)).toMatchObject({ status: 'fits', limit: 4 });
    expect(wallFound({ [WALL]: own(4) }, 5.9)?.source?.range).toBeUndefined();
    // Beyond both ends nothing is open.
    expect(wallFound(values, 6.5)).toMatchObject({ status: 'fits' });
    // Below the likely limit it is as it would be without a range.
    expect(wallFound(values, 3.5)?.status).toBe(wallFound({ [WALL]: own(4) }, 3.5)?.status);
  });

  test('moves no cost, date or scrap: a range of any width leaves the board as its likely figure has it', () => {
    const singles = [...bookEntries().values()].filter(
      (e) => typeof e.value === 'number' && e.value > 0 && e.path.startsWith('["gravity-die'),
    );
    const told = (values: OwnValues): string =>
      JSON.stringify(
        boardAt(prepareStudy(bracket(), 'published', ratesWith(values)), 500).lanes.map(({ id, money, dates }) => [
          id,
          money,
          dates,
        ]),
      );
    fc.assert(
      fc.property(fc.nat(singles.length - 1), fc.double({ min: 0.2, max: 0.95, noNaN: true }), (i, down) => {
        const entry = singles[i];
        if (entry === undefined || typeof entry.value !== 'number') return;
        const range: ProcessValue = [entry.value * down, entry.value, entry.value / down];
        fc.pre(refusedValue(entry, range) === null);
        expect(told({ [entry.path]: own(range) })).toBe(told({ [entry.path]: own(entry.value) }));
        const read = ownEntries({ [entry.path]: own(range) }).find((e) => e.path === entry.path);
        expect(read).toMatchObject({ value: entry.value, range: [range[0], range[2]] });
      }),
      { numRuns: 25 },
    );
  });

  test.each([
    [[4, 3, 6], 'low ≤ likely ≤ high is wanted'],
    [[Number.NaN, 4, 6], 'one figure is wanted, or three: low, likely and high'],
    [[3, 4], 'one figure is wanted, or three: low, likely and high'],
    [[3, 4, 6], null],
    [4, null],
  ])('%j is refused as %j', (value, message) => {
    const entry = bookEntries().get(WALL);
    expect(entry === undefined ? 'no such value' : refusedValue(entry, value)).toBe(message);
  });
});

test.each([
  [5, [3, 4, 6], true],
  [7, [3, 4, 6], false],
  [4, [4, 4, 4], false],
  ['coarse', [3, 4, 6], false],
  [null, [3, 4, 6], false],
] as const)('%s in %j: %s', (value, range, expected) => {
  expect(isInRange(value, { range })).toBe(expected);
});
