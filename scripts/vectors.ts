import { readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { z } from 'zod';
import { runVector } from '../src/core/reference/worked-cases';

/** Runs a file of worked cases against the core: a line per case, then the tally. Exit code 1 when any failed. */
const caseSchema = z.object({
  id: z.string().optional(),
  formula: z.string(),
  inputs: z.record(z.string(), z.unknown()),
  expected: z.record(z.string(), z.unknown()),
  tolerance: z.object({ rel: z.number().optional(), abs: z.number().optional() }).optional(),
});
const fileSchema = z.union([
  z.object({ cases: z.array(caseSchema) }),
  z.array(caseSchema).transform((cases) => ({ cases })),
]);

const path = process.argv[2];
if (path === undefined) {
  console.error('Give the file of cases: npm run -s vectors -- FILE');
  process.exit(2);
}
let raw: unknown;
try {
  raw = JSON.parse(readFileSync(path, 'utf8'));
} catch (error) {
  console.error(`Cannot read ${path}: ${error instanceof Error ? error.message : String(error)}`);
  process.exit(2);
}
const parsed = fileSchema.safeParse(raw);
if (!parsed.success) {
  console.error(z.prettifyError(parsed.error));
  process.exit(2);
}
const tally = { passed: 0, failed: 0, skipped: 0 };
for (const c of parsed.data.cases) {
  const result = runVector(c, (file) => readFileSync(resolve(dirname(path), file)));
  tally[result.outcome]++;
  console.log(
    `${result.outcome.padEnd(8)}${result.id.padEnd(10)}${result.formula}${result.detail ? `  ${result.detail}` : ''}`,
  );
}
console.log(`${tally.passed} passed, ${tally.failed} failed, ${tally.skipped} skipped`);
process.exitCode = tally.failed > 0 ? 1 : 0;
