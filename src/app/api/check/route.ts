import { runVector, WORKED_CASES } from '@/core/formulas';

/** The worked cases, run on the server. */
export function GET(): Response {
  return Response.json(WORKED_CASES.map((c) => runVector(c)));
}
