import { describe, expect, test } from 'vitest';
import { brief, choice, equationsOf, figure, type SymbolOf } from '.';

interface Case {
  readonly lane: string;
  readonly hours: number;
  readonly rate: number | null;
  readonly pieces: readonly number[];
}
const equation = equationsOf<Case>({ model: 'Test model', path: (c, path) => path.replace('{lane}', c.lane) });
const rate: SymbolOf<Case> = {
  meaning: 'hourly rate',
  unit: '',
  source: 'rate',
  path: 'lanes.{lane}.rate',
  table: (c) => (c.rate === null ? undefined : { basis: 'assumed', range: [c.rate / 2, c.rate * 2], unit: 'USD/h' }),
};
const listed = (c: Case) =>
  c.pieces.map((value, i) => ({
    symbol: `p${i + 1}`,
    meaning: `piece ${i + 1}`,
    value,
    unit: 'kg',
    source: 'computed' as const,
    basis: null,
    range: null,
    path: null,
    opens: `piece.${i + 1}`,
    opensLane: null,
    note: null,
  }));

const COST = equation<Pick<Case, 'hours' | 'rate'>>()({
  figure: 'cost',
  number: '1.1',
  remark: 'hours by rate',
  title: ({ lane }) => `Cost on ${lane}`,
  unit: 'USD',
  expression: {
    of: { worked: 'R * h', none: '0' },
    form: ({ hours }) => (hours > 0 ? 'worked' : 'none'),
  },
  symbols: { R: rate, h: figure('hours at work', 'h', 'hours'), spare: choice('told beside', '–') },
  beside: ['spare'],
  note: ({ hours }) => (hours > 100 ? 'Long.' : null),
  values: ({ hours, rate: r }) => ({ R: r ?? 0, h: hours, spare: 7 }),
});
const WEIGHT = equation<Pick<Case, 'pieces'>>()({
  figure: 'weight',
  number: '1.2',
  title: 'Weight',
  unit: 'kg',
  expression: 'sum(p) * k',
  lists: { p: { meaning: 'pieces', unit: 'kg', written: 'p1 + p2 + …', values: ({ pieces }) => pieces, each: listed } },
  symbols: { k: brief('factor', 'factor', '–') },
  values: () => ({ k: 2 }),
});
const LEAST = equation<Pick<Case, 'pieces'>>()({
  figure: 'least',
  number: '1.3',
  title: 'Lightest',
  unit: 'kg',
  expression: 'least(p)',
  lists: { p: { meaning: 'pieces', unit: 'kg', written: 'p1, p2 …', values: ({ pieces }) => pieces, each: listed } },
  symbols: {},
  values: () => ({}),
});
const at: Case = { lane: 'sand', hours: 3, rate: 40, pieces: [1, 2, 4] };

describe('an equation', () => {
  test('comes to its value, and its working tells every symbol of the form it took', () => {
    expect(COST.value(at)).toBe(120);
    const w = COST.working(at);
    expect(w).toMatchObject({
      figure: 'cost',
      title: 'Cost on sand',
      equation: 'Test model 1.1: hours by rate',
      expression: 'R * h',
      value: 120,
      unit: 'USD',
      note: null,
    });
    expect(w.symbols.map((s) => s.symbol)).toEqual(['R', 'h', 'spare']);
    expect(w.symbols[0]).toMatchObject({
      value: 40,
      unit: 'USD/h',
      source: 'rate',
      basis: 'assumed',
      range: [20, 80],
      path: 'lanes.sand.rate',
      note: null,
    });
    expect(w.symbols[1]).toMatchObject({ value: 3, source: 'computed', opens: 'hours', path: null });
    expect(w.symbols[2]).toMatchObject({ value: 7, source: 'choice' });
    expect(COST.working({ ...at, hours: 200 }).note).toBe('Long.');
  });

  test('of a form that is nothing is nothing, and tells only what stands beside', () => {
    const none = { ...at, hours: 0 };
    expect(COST.value(none)).toBe(0);
    expect(COST.working(none)).toMatchObject({ expression: '0', value: 0 });
    expect(COST.working(none).symbols.map((s) => s.symbol)).toEqual(['spare']);
  });

  test('says of a coefficient that its table does not list that it is not used', () => {
    expect(COST.working({ ...at, rate: null }).symbols[0]).toMatchObject({
      value: 0,
      basis: null,
      range: null,
      note: 'not used on this route',
    });
  });

  test('readied for a case, it is worked out anew for every value put in', () => {
    const ready = COST.ready(at);
    expect(ready.value()).toBe(120);
    ready.values.h = 5;
    expect(ready.value()).toBe(200);
    ready.values.R = 1;
    expect(ready.value()).toBe(5);
    // What was readied before is its own.
    expect(COST.ready(at).value()).toBe(120);
    expect(COST.value(at)).toBe(120);
  });

  test.each([
    [[1, 2, 4], '(p1 + p2 + p3) * k', 14],
    [[5], 'p1 * k', 10],
    [[], '0 * k', 0],
  ])('adds up a list of %j and tells each of its values', (pieces, expression, value) => {
    const w = WEIGHT.working({ ...at, pieces });
    expect(w).toMatchObject({ expression, value });
    expect(w.symbols.map((s) => s.symbol)).toEqual([...pieces.map((_, i) => `p${i + 1}`), 'k']);
  });

  test('finds the least of a list', () => {
    expect(LEAST.working(at)).toMatchObject({ expression: 'min(p1, p2, p3)', value: 1 });
    expect(LEAST.value({ pieces: [3, 2, 9] })).toBe(2);
  });
});
