import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { EQUATIONS } from '../model-document';
import { FORMULAS, runVector, UNUSED, WORKED_CASES } from '.';
import { boardFigures, modelEquation } from './model';

describe('worked cases of the model', () => {
  const ofModel = WORKED_CASES.filter((c) => c.formula.startsWith('model.'));

  test('there is one for every form of every equation', () => {
    const told = new Set(ofModel.map((c) => c.inputs['form']));
    for (const { equations } of EQUATIONS)
      for (const e of equations) for (const form of e.forms) expect(told, `${e.figure}: ${form}`).toContain(form);
  });

  test('the board of three parts is among them, lanes that are barred and baselines too', () => {
    const board = ofModel.filter((c) => c.formula === 'model.board');
    expect(new Set(board.map((c) => c.inputs['brief'])).size).toBe(3);
    expect(new Set(board.map((c) => c.expected['status'])).size).toBeGreaterThan(2);
    expect(board.some((c) => c.inputs['id'] === 'machined')).toBe(true);
  });

  test('a figure that is a millionth off fails its case', () => {
    for (const c of [ofModel[0]!, ofModel.find((x) => x.formula === 'model.board' && 'total' in x.expected)!]) {
      const key = 'value' in c.expected ? 'value' : 'total';
      const off = { ...c.expected, [key]: Number(c.expected[key]) * (1 + 2e-6) + 1e-6 };
      expect(runVector(c).outcome).toBe('passed');
      expect(runVector({ ...c, expected: off }).outcome).toBe('failed');
    }
  });

  test('what is not known is refused by name', () => {
    expect(() => modelEquation({ form: 'x + 1', values: { x: 1 } })).toThrow(/form = x \+ 1/);
    expect(() => boardFigures({ brief: 'no such', id: 'machined', quantity: 1 })).toThrow(/brief = no such/);
    const brief = String(ofModel.find((c) => c.formula === 'model.board')?.inputs['brief']);
    expect(() => boardFigures({ brief, id: 'no/such', quantity: 1 })).toThrow(/id = no\/such/);
  });
});

describe('formulas that no view uses', () => {
  const src = join(import.meta.dirname, '../../..');
  const files = (folder: string): string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((f) => {
      const path = join(folder, f.name);
      if (f.isDirectory()) return files(path);
      return /\.tsx?$/.test(f.name) && !/\.test\.|^index\.ts$|generated/.test(f.name) ? [path] : [];
    });

  test('are those that nothing but the book and their own file names', () => {
    const texts = files(src)
      // The glossary names things, and uses none.
      .filter((path) => !/core\/(reference\/worked-cases|catalogue\/glossary)/.test(path))
      .map((path) => readFileSync(path, 'utf8'));
    const names = new Map(
      [...readFileSync(join(import.meta.dirname, 'registry.ts'), 'utf8').matchAll(/'([\w.-]+)': (\w+),/g)].map((m) => [
        m[1]!,
        m[2]!,
      ]),
    );
    expect([...names.keys()]).toEqual(Object.keys(FORMULAS));
    // A formula is used by its function, or by one of the expressions that it is made of.
    const parts = new Map<string, string[]>();
    for (const text of texts)
      for (const [, name = '', id = ''] of text.matchAll(
        /export const (\w+) = (?:\/\* @__PURE__ \*\/ )?formula\(\{\s*id: '([\w.-]+)'/g,
      ))
        parts.set(id, [...(parts.get(id) ?? []), name]);
    const outside = texts.filter((text) => !/formula\(\{\s*id:/.test(text));
    const isNamed = (name: string, among: readonly string[]): boolean => {
      const used = new RegExp(`\\b${name}\\b`);
      const made = new RegExp(`export (async )?(function|const) ${name}\\b`);
      return among.some((text) => used.test(text) && !made.test(text));
    };
    const unused = [...names].filter(
      ([id, name]) =>
        !id.startsWith('geo.') &&
        !isNamed(name, texts) &&
        !(parts.get(id) ?? []).some((part) => isNamed(part, outside)),
    );
    expect(unused.map(([id]) => id).sort()).toEqual([...UNUSED].sort());
  });
});
