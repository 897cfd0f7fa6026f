import { dropPart } from '@/server/bought-parts';
import { answering, refused } from '@/server/http';

/** Takes a part off the list. */
export function DELETE(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () =>
    (await dropPart((await params).id)) ? Response.json({ ok: true }) : refused(404, 'No part of that number.'),
  );
}
