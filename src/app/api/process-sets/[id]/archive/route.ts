import { answering, refused } from '@/server/http';
import { archiveProcessSet } from '@/server/process-sets';

/** Puts a team's own set away; 409 while studies use it. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const outcome = await archiveProcessSet((await params).id);
    if (outcome === 'missing') return refused(404, 'No set of a team’s own of that id.');
    if (outcome === 'used') return refused(409, 'Studies still use this set. Let them use another one first.');
    return Response.json({ ok: true });
  });
}
