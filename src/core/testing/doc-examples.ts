import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

/** An example of a doc comment: what is worked out, and what it comes to. */
export interface DocExample {
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
export function docExamples(core: string): DocExample[] {
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
