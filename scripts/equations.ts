import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { compiledSource, markdownOf, modelDocument } from '../src/core/reference/model-document';

/**
 * Compiles every expression of the equations ahead of the build, and writes the model's document: npm run equations. What
 * is not compiled runs too, slower.
 */
const root = join(import.meta.dirname, '..');

function write(path: string, text: string): void {
  const at = join(root, path);
  if (existsSync(at) && readFileSync(at, 'utf8') === text) return;
  writeFileSync(at, text);
  console.log(`written: ${path}`);
}

write('src/core/equations/compiled.generated.ts', compiledSource());
const subjects = modelDocument();
for (const subject of subjects) write(`docs/model/${subject.id}.md`, markdownOf(subject, subjects));
