import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runVector, WORKED_CASES } from '@/core/formulas';

/** A part file that a case names, as the application ships it. */
const read = (path: string): Uint8Array =>
  new Uint8Array(readFileSync(join(process.cwd(), 'public', 'worked-cases', path)));

/** The worked cases, run on the server. */
export function GET(): Response {
  return Response.json(WORKED_CASES.map((c) => runVector(c, read)));
}
