import { answering, refused } from '@/server/http';
import { collectReplies } from '@/server/quotes';
import { getStudy } from '@/server/studies';

/** Fetches what the desk has by now for a study. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    return Response.json(await collectReplies(study, new Date().toISOString().slice(0, 10)));
  });
}
