import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LANES } from '../catalogue/routes';
import { BOOK_PROCESS, bookEntries, lanesOf, ownProcess, processEntries, refusedValue, type OwnValue } from '.';

const ENTRIES = [...bookEntries().values()];
const own = (v: OwnValue['v']): OwnValue => ({ v, known: 'measured', source: 'trial', date: '2026-12-07' });
/** Every number in something, by where it stands: words, notes and bases left out. */
function numbersIn(node: unknown, path = ''): [string, number][] {
  if (typeof node === 'number') return [[path, node]];
  if (typeof node !== 'object' || node === null) return [];
  return Object.entries(node).flatMap(([key, item]) => numbersIn(item, `${path}/${key}`));
}

describe('the list of process values', () => {
  test('has every number of the table, and every yes, limited and no', () => {
    const listed = ENTRIES.flatMap((e) =>
      typeof e.value === 'number'
        ? [e.value]
        : typeof e.value === 'string'
          ? e.value.split(', ').map(Number).filter(Number.isFinite)
          : e.value,
    );
    const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);
    const inTable = numbersIn(BOOK_PROCESS).map(([, n]) => n);
    expect(listed).toHaveLength(inTable.length);
    expect(sum(listed)).toBeCloseTo(sum(inTable), 6);
    const words = JSON.stringify(BOOK_PROCESS).match(/"ok":"(yes|limited|no)"/g) ?? [];
    expect(ENTRIES.filter((e) => /\.ok$/.test(e.path))).toHaveLength(words.length);
  });

  test('names each once, in words that are no key of the code', () => {
    expect(new Set(ENTRIES.map((e) => e.path)).size).toBe(ENTRIES.length);
    expect(ENTRIES.filter((e) => e.words === '' || /_|[a-z][A-Z]/.test(`${e.of} ${e.words}`))).toEqual([]);
    const twice = new Map<string, number>();
    for (const e of ENTRIES)
      twice.set(`${e.part} ${e.of} ${e.words}`, (twice.get(`${e.part} ${e.of} ${e.words}`) ?? 0) + 1);
    const alike = [...twice].filter(([words, n]) => n > 1 && !words.includes('across the parting'));
    expect(alike).toEqual([]);
  });

  test('has a unit for every figure', () => {
    expect(ENTRIES.filter((e) => e.choices === undefined && e.unit === '').map((e) => e.path)).toEqual([]);
  });

  test('takes every value of the book, and putting each in again changes nothing', () => {
    for (const entry of ENTRIES) expect([entry.path, refusedValue(entry, entry.value)]).toEqual([entry.path, null]);
    const again = ownProcess(BOOK_PROCESS, Object.fromEntries(ENTRIES.map((e) => [e.path, own(e.value)])));
    expect(numbersIn(again)).toEqual(numbersIn(BOOK_PROCESS));
  });
});

describe('an own value', () => {
  test('stands in every lane that has it of its route, in no other, and says whose it is', () => {
    const path = '["permanent-mould"].scrap.settled';
    const table = ownProcess(BOOK_PROCESS, { [path]: own([0.01, 0.02, 0.03]) });
    const lanes = lanesOf(table, { [path]: own([0.01, 0.02, 0.03]) }, 'Ours');
    for (const lane of lanes) {
      const book = LANES.find((l) => l.id === lane.id);
      const variantHasOwn = 'scrap' in (BOOK_PROCESS[lane.id] ?? {});
      const mine = lane.route.id === 'permanent-mould' && !variantHasOwn;
      expect(lane.capability.scrap.settled.v).toEqual(mine ? [0.01, 0.02, 0.03] : book?.capability.scrap.settled.v);
      expect(lane.capability.scrap.settled.basis === 'shop').toBe(mine);
      expect(lane.sources?.['scrap.settled']?.who).toBe(mine ? 'Ours' : undefined);
    }
    expect(lanes.map((l) => l.id)).toEqual(LANES.map((l) => l.id));
  });

  test('reads back as what was put in, for any figure of any entry', () => {
    fc.assert(
      fc.property(fc.nat(ENTRIES.length - 1), fc.double({ min: 0.3, max: 3, noNaN: true }), (i, times) => {
        const entry = ENTRIES[i];
        if (entry === undefined) return;
        const scaled =
          typeof entry.value === 'number'
            ? entry.value * times
            : typeof entry.value === 'string'
              ? (entry.choices?.at(-1) ?? '1, 3')
              : (entry.value.map((x) => x * times) as unknown as OwnValue['v']);
        fc.pre(refusedValue(entry, scaled) === null);
        const table = ownProcess(BOOK_PROCESS, { [entry.path]: own(scaled) });
        const read = processEntries(table);
        expect(read.find((e) => e.path === entry.path)?.value).toEqual(scaled);
        const moved = read.filter((e) => JSON.stringify(e.value) !== JSON.stringify(bookEntries().get(e.path)?.value));
        expect(moved.map((e) => e.path)).toEqual(
          JSON.stringify(scaled) === JSON.stringify(entry.value) ? [] : [entry.path],
        );
      }),
      { numRuns: 300 },
    );
    expect(numbersIn(BOOK_PROCESS).some(([, n]) => n === 0)).toBe(true);
  });

  test('of a path that leads nowhere does nothing', () => {
    for (const path of ['["no-route"].scrap.new', '["spin"].no.such', '["spin"].scrap.new.deeper', ''])
      expect(numbersIn(ownProcess(BOOK_PROCESS, { [path]: own(1) }))).toEqual(numbersIn(BOOK_PROCESS));
  });
});

test.each([
  ['["spin"].yield.zinc', [0.6, 0.5, 0.7], 'low ≤ likely ≤ high is wanted'],
  ['["spin"].yield.zinc', [0.6, 0.7, 1.2], 'at most 1 is wanted'],
  ['["spin"].yield.zinc', 0.6, 'three figures are wanted: low, likely and high'],
  ['["spin"].scrap.new', [0.1, 0.5, 0.99], 'at most 0.95 is wanted'],
  ['["spin"].wallMin.zinc[0]', Number.NaN, 'a number is wanted'],
  ['["spin"].wallMin.zinc[0]', -1, 'at least 0 is wanted'],
  ['["spin"].undercut.max', 2.5, 'a whole number is wanted'],
  ['["spin/silicone-rubber"].families.zinc.ok', 'perhaps', 'one of yes, limited, no is wanted'],
  ['["gravity-die"].layout.nAllowed', '2, 1', 'whole numbers from 1, rising, or “any”, are wanted'],
  ['["gravity-die"].layout.nAllowed', '1, 2, 6', null],
  ['["gravity-die"].layout.nAllowed', 'any', null],
])('%s of %j is refused as %j', (path, value, message) => {
  const entry = bookEntries().get(path);
  expect(entry === undefined ? 'no such entry' : refusedValue(entry, value)).toBe(message);
});
