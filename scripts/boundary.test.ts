import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { afterAll, expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const VIOLATION = join(ROOT, 'src/core/boundary-violation.ts');

afterAll(() => rmSync(VIOLATION, { force: true }));

const run = (...args: string[]) => spawnSync('node', args, { cwd: ROOT, encoding: 'utf8' });

/** Pure libraries of the core: schemas, archives, XML, cutting a polygon into triangles. */
const READS_WITH = ['zod', 'fflate', 'saxes', 'earcut', 'meshoptimizer'];
/** What tests alone may use, in the folder of their helpers. */
const TESTS_WITH = ['fast-check'];

test('no file of the core imports anything but the core and what it reads with', () => {
  const files = readdirSync(join(ROOT, 'src/core'), { recursive: true, encoding: 'utf8' }).filter(
    (f) => f.endsWith('.ts') && !f.endsWith('.test.ts'),
  );
  expect(files.length).toBeGreaterThan(80);
  const strangers = files.flatMap((file) => {
    const text = readFileSync(join(ROOT, 'src/core', file), 'utf8');
    const depth = file.split('/').length - 1;
    const known = file.startsWith('testing/') ? [...READS_WITH, ...TESTS_WITH] : READS_WITH;
    return ts
      .preProcessFile(text)
      .importedFiles.map((f) => f.fileName)
      .filter((to) => !known.includes(to) && (!to.startsWith('.') || to.split('../').length - 1 > depth))
      .map((to) => `${file} → ${to}`);
  });
  expect(strangers).toEqual([]);
});

test('lint and the import gate both fail on a violation put into the core', () => {
  writeFileSync(
    VIOLATION,
    [
      "import { useState } from 'react';",
      "import { call } from '../ui/api';",
      'export const violation = [useState, call, Math.random(), Date.now()];',
      '',
    ].join('\n'),
  );
  const lint = run('node_modules/eslint/bin/eslint.js', 'src/core/boundary-violation.ts');
  expect(lint.status).not.toBe(0);
  expect(lint.stdout).toContain('src/core is pure');
  expect(lint.stdout).toContain('src/core imports nothing outside src/core');
  expect(lint.stdout).toContain('Chance is passed in');
  expect(lint.stdout).toContain('The clock is passed in');
  const gate = run(
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'src/core/boundary-violation.ts',
    '--config',
    '.dependency-cruiser.cjs',
  );
  expect(gate.status).not.toBe(0);
  expect(gate.stdout + gate.stderr).toContain('core-is-pure');
}, 120_000);
