import { answering, refused } from '@/server/http';
import { getTraveller } from '@/server/travellers';

/** A traveller as it was issued, with what was ticked. */
export function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const found = await getTraveller((await params).id);
    return found === undefined ? refused(404, 'No traveller of that id.') : Response.json(found);
  });
}
