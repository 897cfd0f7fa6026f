import { evaluateRequestSchema } from '@/server/exchange';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { teamAlloysNow } from '@/server/team-alloys';

/** The comparison of a brief by the book, with the alloys and metal prices of the team's own. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { brief, school, quantity } = checked(evaluateRequestSchema, await jsonBody(request));
    const options = { ...(school ? { school } : {}), ...(quantity ? { quantity } : {}) };
    const alloys = await teamAlloysNow();
    const result = await inPool('evaluate', { brief, alloys, ...options }, request.signal);
    if (!('issues' in result)) return Response.json(result);
    const issues = result.issues.map((i) => ({ ...i, path: `brief.${i.path}` }));
    return refused(400, `Refused: ${issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, issues);
  });
}
