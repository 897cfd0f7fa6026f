import { writeFile } from 'node:fs/promises';
import { kernelData } from './kernel-data.mjs';

async function main(): Promise<void> {
  await writeFile('src/core/simulation/kernel/kernel.data.ts', await kernelData());
}

void main();
