import { answering, checked, jsonBody, refused } from '@/server/http';
import { figureIssues } from '@/server/rates';
import { rateEffects } from '@/server/results';
import { changeSchema } from '../../change-schema';

/** What a change would do to the studies that use the set; nothing is saved. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const change = checked(changeSchema, await jsonBody(request));
    const issues = figureIssues(change.figures ?? {});
    if (issues.length > 0)
      return refused(422, `Refused: ${issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`, issues);
    const effects = await rateEffects((await params).id, change, request.signal);
    return effects === undefined ? refused(404, 'No rate set of that id.') : Response.json(effects);
  });
}
