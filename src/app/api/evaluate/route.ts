import { evaluate } from '@/core/board';
import { parseBrief } from '@/core/brief';
import { evaluateRequestSchema } from '@/server/exchange';
import { answering, checked, jsonBody, refused } from '@/server/http';

/** The comparison of a brief, with no database touched. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const input = checked(evaluateRequestSchema, await jsonBody(request));
    const parsed = parseBrief(input.brief);
    if (!parsed.ok) {
      const issues = parsed.issues.map((i) => ({ ...i, path: `brief.${i.path}` }));
      return refused(400, `Refused: ${issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, issues);
    }
    const options = {
      ...(input.school ? { school: input.school } : {}),
      ...(input.quantity ? { quantity: input.quantity } : {}),
    };
    return Response.json({ ...evaluate(parsed.brief, options), notes: parsed.notes });
  });
}
