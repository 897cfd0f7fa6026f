import { describe, expect, test } from 'vitest';
import { parseExpression, type Expr } from '../../equations';
import { limitsOf, namesOf, rateEntries, SHIPPED_RATES } from '../../rates';
import { LIMITED } from '../../rates/changes';
import { EQUATIONS } from './equations';

const PATHS = rateEntries(SHIPPED_RATES).map((e) => e.path);

/** Names that a divisor is 0 with when they are: of a product each of its factors, of a sum none. */
function factors(e: Expr): string[] {
  if (e.kind === 'name') return [e.name];
  return e.kind === 'call' && e.op === '*' ? e.args.flatMap(factors) : [];
}
/** Names taken from 1 in a divisor: at 1 it is 0. */
function takenFromOne(e: Expr): string[] {
  if (e.kind !== 'call') return [];
  const [a, b] = e.args;
  if (e.op === '-' && a?.kind === 'number' && a.value === 1 && b?.kind === 'name') return [b.name];
  return e.op === '*' ? e.args.flatMap(takenFromOne) : [];
}
function divisors(e: Expr): Expr[] {
  if (e.kind !== 'call') return [];
  const own = e.op === '/' && e.args[1] !== undefined ? [e.args[1]] : [];
  return [...own, ...e.args.flatMap(divisors)];
}
/** Shipped paths that a path with “{lane}” or “{family}” in it stands for. */
function standsFor(path: string): string[] {
  const pattern = path.replace(/[.*+?^$()|[\]\\]/g, '\\$&').replace(/\{[a-z]+\}/g, '[^"\\].]+');
  const whole = new RegExp(`^${pattern}$`);
  return PATHS.filter((p) => whole.test(p));
}

interface Divides {
  readonly where: string;
  readonly path: string;
}
const found = { factor: [] as Divides[], fromOne: [] as Divides[] };
for (const { equations } of EQUATIONS)
  for (const { figure, forms, definition } of equations)
    for (const form of forms)
      for (const divisor of divisors(parseExpression(form)))
        for (const [kind, names] of [
          ['factor', factors(divisor)],
          ['fromOne', takenFromOne(divisor)],
        ] as const)
          for (const name of names) {
            const symbol = (definition.symbols as Readonly<Record<string, { source: unknown; path?: unknown }>>)[name];
            if (symbol?.source !== 'rate' || typeof symbol.path !== 'string') continue;
            for (const path of standsFor(symbol.path)) found[kind].push({ where: `${figure}: ${form}`, path });
          }

describe('limits of a coefficient, against the equations that read it', () => {
  test('what an equation divides by cannot be made 0', () => {
    expect(found.factor.length).toBeGreaterThan(20);
    for (const { where, path } of found.factor) expect(limitsOf(path).least, `${path} in ${where}`).toBeGreaterThan(0);
  });

  test('what is lost stays below all there is', () => {
    expect(found.fromOne.length).toBeGreaterThan(0);
    for (const { where, path } of found.fromOne) expect(limitsOf(path).most, `${path} in ${where}`).toBeLessThan(1);
  });

  test('each name that has limits of its own is in the shipped set', () => {
    const last = new Set(PATHS.map((path) => namesOf(path).at(-1)));
    expect(LIMITED.filter((name) => !last.has(name))).toEqual([]);
  });

  test('every shipped figure lies within its limits', () => {
    for (const { path, value } of rateEntries(SHIPPED_RATES)) {
      const { least, most, whole } = limitsOf(path);
      for (const x of typeof value === 'number' ? [value] : value) {
        expect(x, path).toBeGreaterThanOrEqual(least);
        expect(x, path).toBeLessThanOrEqual(most);
        if (whole) expect(Number.isInteger(x), path).toBe(true);
      }
    }
  });
});
