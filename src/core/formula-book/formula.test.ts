import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { recompute } from '../testing/recompute';
import type { Formula } from './formula';

const FOLDERS = [
  'allowances',
  'feeding',
  'flow',
  'forces',
  'gating',
  'mould-making',
  'quantity',
  'safety',
  'solidification',
];
const files = FOLDERS.flatMap((folder) =>
  readdirSync(join(import.meta.dirname, folder))
    .filter((name) => name.endsWith('.ts') && !/\.(test|data)\.ts$|^index/.test(name))
    .map((name) => `./${folder}/${name}`),
);
const isFormula = (x: unknown): x is Formula<string> =>
  typeof x === 'object' && x !== null && 'of' in x && 'symbols' in x && 'forms' in x;
const modules = await Promise.all(
  files.map(async (file) => (await import(/* @vite-ignore */ file)) as Record<string, unknown>),
);
const FORMULAS = modules.flatMap((m) => Object.values(m).filter(isFormula));

describe('formulas of the book as expressions', () => {
  test('are many, each with a name of its own', () => {
    expect(FORMULAS.length).toBeGreaterThan(60);
    const names = FORMULAS.map((f) => f.figure);
    expect(new Set(names).size).toBeGreaterThan(FORMULAS.length - 3);
  });

  test.each(FORMULAS.map((f) => [f.figure, f] as const))(
    '%s: what is printed comes to what is worked out, in every form, and every symbol has a meaning and a unit',
    (_, f) => {
      const { expression } = f.definition;
      const forms = typeof expression === 'string' ? [undefined] : Object.keys(expression.of);
      const value = fc.double({ min: 0.2, max: 0.9, noNaN: true });
      for (const form of forms)
        fc.assert(
          fc.property(fc.array(value, { minLength: f.symbols.length, maxLength: f.symbols.length }), (list) => {
            const v = Object.fromEntries(f.symbols.map((name, i) => [name, list[i] ?? 0.5]));
            const w = f.working({ v, form });
            expect(w.symbols.every((s) => s.meaning !== '' && s.unit !== '')).toBe(true);
            const again = recompute(w);
            if (!Number.isFinite(w.value)) expect(Number.isFinite(again)).toBe(false);
            else expect(Math.abs(again - w.value)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(w.value)));
            expect(w.value).toEqual(f.of(v, form));
          }),
          { numRuns: 20 },
        );
    },
  );

  test('say of a symbol where it comes from, where that is told', () => {
    const [f] = FORMULAS;
    const [name = ''] = f?.symbols ?? [];
    const v = Object.fromEntries((f?.symbols ?? []).map((s) => [s, 1]));
    const w = f?.working({ v, said: { [name]: { source: 'brief', note: 'measured', opens: 'x.y' } } });
    expect(w?.symbols.find((s) => s.symbol === name)).toMatchObject({
      source: 'brief',
      note: 'measured',
      opens: 'x.y',
    });
    expect(w?.equation).toContain('Formula book');
  });
});
