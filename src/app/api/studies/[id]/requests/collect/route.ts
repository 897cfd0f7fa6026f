import { answering, refused } from '@/server/http';
import { collectReplies, comparedOn } from '@/server/quotes';
import { renewSoon } from '@/server/results';
import { getStudy } from '@/server/studies';

/** Fetches what the desk has by now for a study. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const collected = await collectReplies(study, await comparedOn(study.id));
    if (collected.quotes + collected.declined > 0) renewSoon();
    return Response.json(collected);
  });
}
