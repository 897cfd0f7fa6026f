import { readFile } from 'node:fs/promises';
import asc from 'assemblyscript/asc';

const FROM = 'src/core/doubt/kernel/kernel.as';

/** What kernel.as compiles to, as the text of kernel.data.ts. */
export async function kernelData(): Promise<string> {
  const source = await readFile(FROM, 'utf8');
  const { error, stderr, binary } = await asc.compileString(
    { 'input.ts': source },
    { optimizeLevel: 3, shrinkLevel: 0, runtime: 'stub', noAssert: true, enable: ['simd'] },
  );
  if (error !== null || binary === null) throw new Error(`${FROM} does not compile: ${stderr.toString()}`);
  return `/** Compiled from kernel.as by \`npm run kernel\`. Base 64. */
export const KERNEL =
  '${Buffer.from(binary).toString('base64')}';
`;
}
