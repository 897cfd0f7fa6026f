import { answering, checked, jsonBody, refused } from '@/server/http';
import { valueIssues } from '@/server/process-sets';
import { processEffects } from '@/server/results';
import { processChangeSchema } from '../../change-schema';

/** What a change would do to the studies that use the set; nothing is saved. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const change = checked(processChangeSchema, await jsonBody(request));
    const issues = valueIssues(change.values ?? {});
    if (issues.length > 0)
      return refused(422, `Refused: ${issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, issues);
    const effects = await processEffects((await params).id, change, request.signal);
    return effects === undefined ? refused(404, 'No set of process values of that id.') : Response.json(effects);
  });
}
