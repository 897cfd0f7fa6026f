import { answering, limitedBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getStill, keepStill } from '@/server/part-files';

type Context = { params: Promise<{ id: string }> };

const STILL_LIMIT = 512 * 1024;

/** The still picture of a part. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const png = await getStill((await params).id);
    if (png === null) return refused(404, 'No picture of that part.');
    return new Response(new Uint8Array(png), {
      headers: { 'content-type': 'image/png', 'cache-control': 'private, max-age=60' },
    });
  });
}

/** Keeps the still picture of a part. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const taken = await inPool('still', await limitedBody(request, STILL_LIMIT), request.signal);
    if ('refused' in taken) return refused(400, taken.refused);
    return (await keepStill((await params).id, Buffer.from(taken.png)))
      ? Response.json({ ok: true })
      : refused(404, 'No part file of that id.');
  });
}
