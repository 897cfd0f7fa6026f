import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { closureOf, keyOf, parseExpression, runOf } from '../../equations';
import { COMPILED } from '../../equations/compiled.generated';
import { anchorOf, compiledForms, compiledSource, equationOf, EQUATIONS, markdownOf, modelDocument } from '.';

const all = EQUATIONS.flatMap(({ equations }) => [...equations]);
const forms = all.flatMap((e) => e.forms.map((form) => [`${e.figure}: ${form}`, form, e] as const));

describe('equations', () => {
  test('are compiled as they are stated now (npm run equations)', () => {
    const kept = readFileSync(join(import.meta.dirname, '../../equations/compiled.generated.ts'), 'utf8');
    expect(kept).toBe(compiledSource());
  });

  test('are kept under keys of their own', () => {
    const texts = new Set(forms.map(([, form]) => form));
    expect(new Set(Array.from(texts, keyOf)).size).toBe(texts.size);
    expect(Object.keys(COMPILED).toSorted()).toEqual([...compiledForms()].map(keyOf).toSorted());
    // All but those of subjects that are seldom run.
    const seldom = new Set(
      EQUATIONS.flatMap(({ id, equations }) =>
        equations.flatMap((e) =>
          id === 'parts-list' || id === 'quotes' || e.figure.includes('damage') ? [...e.forms] : [],
        ),
      ),
    );
    for (const text of texts) expect(compiledForms().has(text) || seldom.has(text), text).toBe(true);
    fc.assert(fc.property(fc.string(), fc.string(), (a, b) => (a === b) === (keyOf(a) === keyOf(b))));
  });

  test('give each figure once', () => {
    const figures = all.map((e) => e.figure);
    expect(figures.filter((f, i) => figures.indexOf(f) !== i)).toEqual([]);
  });

  test.each(forms)('%s uses symbols that are told, and lists', (_, form, { definition }) => {
    const known = new Set([...Object.keys(definition.symbols), ...Object.keys(definition.lists ?? {})]);
    const words = new Set(['min', 'max', 'ceil', 'floor', 'on', 'pow', 'sum', 'least', 'most']);
    for (const name of form.match(/[A-Za-z_]\w*/g) ?? [])
      if (!words.has(name)) expect([...known], `${definition.figure}: ${name}`).toContain(name);
  });

  test('every symbol is used by a form of its equation, or told beside it', () => {
    for (const { definition, forms: of } of all)
      for (const name of Object.keys(definition.symbols))
        expect(
          of.some((form) => new RegExp(`\\b${name}\\b`).test(form)) || definition.beside?.includes(name),
          `${definition.figure}: ${name}`,
        ).toBe(true);
  });

  test.each(forms)('%s comes to the same compiled and uncompiled, to the last bit', (_, form) => {
    const names = [...new Set(form.match(/[A-Za-z_]\w*/g) ?? [])];
    const plain = closureOf(form);
    const lists = new Set([...form.matchAll(/(?:sum|least|most)\((\w+)\)/g)].map((m) => m[1]));
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1e4, max: 1e4, noNaN: true }), { minLength: 40, maxLength: 40 }), (x) => {
        const values = Object.fromEntries(names.map((n, i) => [n, lists.has(n) ? x.slice(i, i + 4) : x[i]!]));
        if (compiledForms().has(form)) expect(COMPILED[keyOf(form)]?.(values)).toBe(plain(values));
        expect(runOf(form)(values)).toBe(plain(values));
      }),
      { numRuns: 25 },
    );
  });
});

describe('an expression', () => {
  test('is read with the precedence of a reader, and worked out from left to right', () => {
    const at = (text: string, values: Record<string, number> = {}): number => closureOf(text)(values);
    expect(at('2 + 3 * 4 - 6 / 2')).toBe(11);
    expect(at('2 - 3 - 4')).toBe(-5);
    expect(at('16 / 4 / 2')).toBe(2);
    expect(at('-x * 2', { x: 3 })).toBe(-6);
    expect(at('ceil(0.1 + 0.2 - 0.3) + floor(2.9)')).toBe(2);
    expect(at('on(x) * 5 + on(0) * 7', { x: 0.1 })).toBe(5);
    expect(at('max(1, x, 3) - min(4, x)', { x: 2 })).toBe(1);
  });

  test('of lists adds them up and finds their least; an empty one adds up to nothing', () => {
    expect(closureOf('sum(s) * 2')({ s: [1, 2, 3] })).toBe(12);
    expect(closureOf('sum(s)')({ s: [] })).toBe(0);
    expect(closureOf('least(t) / 2')({ t: [4, 2, 8] })).toBe(1);
    expect(closureOf('least(t)')({ t: [] })).toBe(Infinity);
  });

  test.each([
    ['x + ', 'sum that closes'],
    ['(x', 'closes its brackets'],
    ['x ? 1', 'a number, a name'],
    ['sum(3)', 'closes its brackets'],
  ])('“%s” is refused', (text, words) => {
    expect(() => closureOf(text)({ x: 1 })).toThrow(words);
  });

  test('a symbol without a value is refused by name', () => {
    expect(() => closureOf('x + y')({ x: 1 })).toThrow(/symbol = y/);
    expect(() => closureOf('sum(x)')({ x: 1 })).toThrow(/symbol = x/);
    expect(parseExpression('x')).toEqual({ kind: 'name', name: 'x' });
  });
});

describe('the document of the model', () => {
  const subjects = modelDocument();
  const equations = subjects.flatMap((s) => s.equations);
  const anchors = new Set(equations.map((e) => e.anchor));

  test.each(subjects.map((s) => [s.id, s] as const))(
    '%s is written as it is stated now (npm run equations)',
    (id, s) => {
      const kept = readFileSync(join(import.meta.dirname, `../../../../docs/model/${id}.md`), 'utf8');
      expect(kept).toBe(markdownOf(s, subjects));
    },
  );

  test('tells title, unit and form of each equation, and meaning, unit and origin of each symbol', () => {
    expect(anchors.size).toBe(equations.length);
    for (const e of equations) {
      expect(e.title, e.anchor).not.toBe('');
      expect(e.unit, e.anchor).not.toBe('');
      expect(e.forms.length, e.anchor).toBeGreaterThan(0);
      for (const s of e.symbols) {
        expect(s.meaning, `${e.anchor} ${s.symbol}`).not.toBe('');
        expect(s.unit, `${e.anchor} ${s.symbol}`).not.toBe('');
        if (!['computed', 'choice', 'several'].includes(s.source))
          expect(s.path, `${e.anchor} ${s.symbol}`).not.toBe('');
        if (s.opens !== '') expect([...anchors], `${e.anchor} ${s.symbol}`).toContain(s.opens);
      }
    }
  });

  test.each([
    ['Ht', 'Ht'],
    ['lot@new', 'lot'],
    ['sc@rest', 'sc@rest'],
    ['sc@set', 'sc'],
    ['step.mould', 'step'],
    ['op.3', 'op'],
    ['day.400', 'day'],
    ['tooling.firstTool', 'tooling.firstTool'],
    ['touch.core', 'touch.core'],
    ['width.2', 'width'],
    ['clamp', 'clamp'],
    ['diff.allIn.machined', null],
    ['no-such', null],
  ])('the figure %s is told at %s', (figure, anchor) => {
    expect(anchorOf(figure)).toBe(anchor);
  });

  test('a figure of a baseline is not led to the equation of a casting of the same name', () => {
    expect(equationOf({ figure: 'total', equation: 'Cost model 8.2: T(q)' })).toBe('total');
    expect(equationOf({ figure: 'total', equation: 'Cost model 9.3' })).toBeNull();
    expect(equationOf({ figure: 'total', equation: 'Cost model 9.4' })).toBe('machined.total');
    expect(equationOf({ figure: 'total', equation: 'Cost model 9.5' })).toBe('stamped.total');
    expect(equationOf({ figure: 'lastPart', equation: 'Time model T13' })).toBe('machined.day');
    expect(equationOf({ figure: 'joint.bolt', equation: 'Cost model 9.6' })).toBe('fabricated.joint');
  });
});
