import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { expect, test } from 'vitest';
import { exampleWorld } from './example-world';

/** An example of a doc comment: what is worked out, and what it comes to. */
interface DocExample {
  /** File under src/core, and the name the comment stands over. */
  readonly file: string;
  readonly name: string;
  readonly expression: string;
  readonly result: string;
}

const COMMENTED =
  /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*export (?:async )?(?:const|function\*?|class|type|interface) (\w+)/g;

const codeFiles = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : codeFiles(path);
    return entry.name.endsWith('.ts') && !/\.(test|data|generated)\.ts$/.test(entry.name) ? [path] : [];
  });

/** Every example in the doc comments of the core: lines after `@example`, an expression and `// ` its value. */
function docExamples(core: string): DocExample[] {
  return codeFiles(core).flatMap((path) => {
    const file = relative(core, path);
    return [...readFileSync(path, 'utf8').matchAll(COMMENTED)].flatMap(([, comment = '', name = '']) => {
      const [, ...examples] = comment.replace(/^\s*\* ?/gm, '').split('@example');
      return examples.map((text) => {
        const words = (text.split(/^@/m)[0] ?? '').trim().replace(/\s*\n\s*/g, ' ');
        const at = words.lastIndexOf(' // ');
        if (at < 0) throw new Error(`${file} ${name}: an example is an expression, " // " and its value: ${words}`);
        return { file, name, expression: words.slice(0, at).trim(), result: words.slice(at + 4).trim() };
      });
    });
  });
}

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

test('the core gives examples', () => expect(examples.length).toBeGreaterThan(400));

test.each(examples.map((e) => [`${e.file}: ${e.expression}`, e] as const))('%s', async (_, e) => {
  const own = await files[`../${e.file}`]?.();
  const scope = { ...world, ...own };
  expect(e.expression).toContain(e.name);
  expect(rounded(workedOut(e.expression, scope))).toEqual(rounded(workedOut(e.result, {})));
});

test('every function that a folder offers has an example', async () => {
  const shown = new Set(examples.map((e) => e.name));
  const without: string[] = [];
  for (const [file, load] of Object.entries(files)) {
    if (!file.endsWith('/index.ts')) continue;
    for (const [name, value] of Object.entries(await load()))
      if (typeof value === 'function' && !/^class\b/.test(value.toString()) && !shown.has(name))
        without.push(`${file}: ${name}`);
  }
  expect(without).toEqual([]);
});
