import { answering, refused } from '@/server/http';
import { archiveFoundry } from '@/server/foundries';

/** Puts a foundry away; 409 while studies are judged by it. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const outcome = await archiveFoundry((await params).id);
    if (outcome === 'missing') return refused(404, 'No foundry of that id.');
    if (outcome === 'used')
      return refused(409, 'Studies are still judged by this foundry. Judge them by another first.');
    return Response.json({ ok: true });
  });
}
