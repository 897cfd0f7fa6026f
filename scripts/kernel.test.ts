import { readFile } from 'node:fs/promises';
import { expect, test } from 'vitest';
import { kernelData } from './kernel-data.mjs';

test('the compiled loops are what their source compiles to', async () => {
  expect(await readFile('src/core/simulation/kernel/kernel.data.ts', 'utf8')).toBe(await kernelData());
});
