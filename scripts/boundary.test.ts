import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { ESLint } from 'eslint';
import ts from 'typescript';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');

/** Pure libraries of the core: schemas, archives, XML, cutting a polygon into triangles, fewer facets. */
const READS_WITH = [
  'zod',
  'fflate',
  'saxes',
  'earcut',
  'meshoptimizer/simplifier',
  'ml-matrix',
  'd3-contour',
  '@tarikjabiri/dxf',
];
/** What tests alone may use, in the folder of their helpers. */
const TESTS_WITH = ['fast-check'];

/** A file that breaks each rule of the core once. */
const VIOLATION = [
  "import { useState } from 'react';",
  "import { call } from '../ui/api';",
  'export const violation = [useState, call, Math.random(), Date.now()];',
  '',
].join('\n');

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

test('lint fails on a violation put into the core', async () => {
  // The text is linted as if it stood in the core; the rules that ask for types want a file that is there, and stay out.
  const lint = new ESLint({
    cwd: ROOT,
    overrideConfig: { languageOptions: { parserOptions: { projectService: false, project: null } } },
    ruleFilter: ({ ruleId }) => !ruleId.startsWith('@typescript-eslint/'),
  });
  const [found] = await lint.lintText(VIOLATION, { filePath: 'src/core/boundary-violation.ts' });
  const said = (found?.messages ?? []).map((m) => m.message).join('\n');
  expect(said).toContain('src/core is pure');
  expect(said).toContain('src/core imports nothing outside src/core');
  expect(said).toContain('Chance is passed in');
  expect(said).toContain('The clock is passed in');
}, 120_000);

test('the import gate fails on a violation put into the core', () => {
  const house = mkdtempSync(join(tmpdir(), 'house-'));
  const put = (path: string, text: string): void => {
    mkdirSync(dirname(join(house, path)), { recursive: true });
    writeFileSync(join(house, path), text);
  };
  const gate = () =>
    spawnSync(
      'node',
      [
        join(ROOT, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
        'src',
        '--config',
        join(ROOT, '.dependency-cruiser.cjs'),
      ],
      { cwd: house, encoding: 'utf8' },
    );
  try {
    symlinkSync(join(ROOT, 'node_modules'), join(house, 'node_modules'));
    put('tsconfig.json', readFileSync(join(ROOT, 'tsconfig.json'), 'utf8'));
    put('src/ui/api.ts', 'export const call = 1;\n');
    expect(gate().status).toBe(0);
    put('src/core/boundary-violation.ts', VIOLATION);
    const found = gate();
    expect(found.status).not.toBe(0);
    expect(found.stdout + found.stderr).toContain('core-is-pure');
  } finally {
    rmSync(house, { recursive: true, force: true });
  }
}, 120_000);
