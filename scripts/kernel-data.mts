import { readFile } from 'node:fs/promises';

const FROM = 'src/core/simulation/kernel/kernel.as';

/** What is used of the compiler. Its own types would declare AssemblyScript's numbers and lists for the whole project. */
interface Compiler {
  readonly compileString: (
    sources: Readonly<Record<string, string>>,
    options: Readonly<Record<string, unknown>>,
  ) => Promise<{ readonly error: Error | null; readonly binary: Uint8Array | null }>;
}
const COMPILER: string = 'assemblyscript/asc';

/** What kernel.as compiles to, as the text of kernel.data.ts. */
export async function kernelData(): Promise<string> {
  const { default: asc } = (await import(COMPILER)) as { readonly default: Compiler };
  const source = await readFile(FROM, 'utf8');
  const { error, binary } = await asc.compileString(
    { 'input.ts': source },
    { optimizeLevel: 3, shrinkLevel: 0, runtime: 'stub', noAssert: true, enable: ['simd'] },
  );
  if (error !== null || binary === null)
    throw new Error(`${FROM} does not compile: ${error?.message ?? 'nothing made'}`);
  return `/** Compiled from kernel.as by \`npm run kernel\`. Base 64. */
export const KERNEL =
  '${Buffer.from(binary).toString('base64')}';
`;
}
