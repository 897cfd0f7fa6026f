import { join } from 'node:path';
import { expect, test } from 'vitest';
import { docExamples } from './doc-examples';
import { exampleWorld } from './example-world';

const CORE = join(import.meta.dirname, '..');
const examples = docExamples(CORE);
const world = exampleWorld();
const files = import.meta.glob<Readonly<Record<string, unknown>>>(['../**/*.ts', '!../**/*.test.ts', '!../testing/**']);

/** Works out an expression with the names of a scope. */
function workedOut(expression: string, scope: Readonly<Record<string, unknown>>): unknown {
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- examples are our own text, run in tests only
  return (new Function(...Object.keys(scope), `return (${expression});`) as (...values: unknown[]) => unknown)(
    ...Object.values(scope),
  );
}

/** Numbers to ten digits, so that an example need not write sixteen. */
const rounded = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify({ value }, (_, x: unknown) => {
      if (typeof x === 'number') return Number(x.toPrecision(10));
      return x === undefined ? 'undefined' : x;
    }),
  );

test('the core gives examples', () => expect(examples.length).toBeGreaterThan(230));

test.each(examples.map((e) => [`${e.file}: ${e.expression}`, e] as const))('%s', async (_, e) => {
  const own = await files[`../${e.file}`]?.();
  const scope = { ...world, ...own };
  expect(e.expression).toContain(e.name);
  expect(rounded(workedOut(e.expression, scope))).toEqual(rounded(workedOut(e.result, {})));
});
