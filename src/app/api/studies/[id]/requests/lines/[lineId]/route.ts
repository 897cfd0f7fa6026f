import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { getRequestLine, settleLine } from '@/server/quotes';

const settleSchema = z.object({ state: z.enum(['open', 'closed']), why: z.string().trim().max(200).default('') });

/** Closes a line of a request that will not be answered, or opens it again. */
export function POST(
  request: Request,
  { params }: { params: Promise<{ id: string; lineId: string }> },
): Promise<Response> {
  return answering(async () => {
    const { state, why } = checked(settleSchema, await jsonBody(request));
    const { id, lineId } = await params;
    const at = await getRequestLine(lineId);
    if (at?.studyId !== id) return refused(404, 'No line of that id in this study.');
    await settleLine(lineId, state, why);
    return Response.json({ saved: true });
  });
}
