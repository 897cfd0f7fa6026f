import { answering, refused } from '@/server/http';
import { completePartFile } from '@/server/part-files';

/** Calls a file whole: its pieces must unfold to what was announced. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const outcome = await completePartFile((await params).id);
    if (outcome === 'missing') return refused(404, 'No part file of that id was announced.');
    if (outcome === 'broken') return refused(422, 'The pieces are not the file that was announced; it was dropped.');
    return Response.json({ ok: true });
  });
}
