import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { compiledSource } from '../src/core/model/compiled-source';

/** Compiles every expression of the equations ahead of the build: npm run equations. What is not compiled runs too, slower. */
const path = join(import.meta.dirname, '../src/core/equations/compiled.generated.ts');
const made = compiledSource();
if (readFileSync(path, 'utf8') !== made) writeFileSync(path, made);
