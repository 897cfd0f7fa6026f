import { evaluateRequestSchema } from '@/server/exchange';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';

/** The comparison of a brief, with no database touched. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { brief, school, quantity } = checked(evaluateRequestSchema, await jsonBody(request));
    const options = { ...(school ? { school } : {}), ...(quantity ? { quantity } : {}) };
    const result = await inPool('evaluate', { brief, ...options }, request.signal);
    if (!('issues' in result)) return Response.json(result);
    const issues = result.issues.map((i) => ({ ...i, path: `brief.${i.path}` }));
    return refused(400, `Refused: ${issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, issues);
  });
}
