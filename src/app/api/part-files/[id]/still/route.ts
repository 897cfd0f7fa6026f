import { answering, limitedBody, refused } from '@/server/http';
import { getStill, keepStill } from '@/server/part-files';

type Context = { params: Promise<{ id: string }> };

const STILL_LIMIT = 512 * 1024;
const PNG = [0x89, 0x50, 0x4e, 0x47];

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
    const png = await limitedBody(request, STILL_LIMIT);
    if (!PNG.every((byte, i) => png[i] === byte)) return refused(400, 'The picture must be a PNG.');
    return (await keepStill((await params).id, Buffer.from(png)))
      ? Response.json({ ok: true })
      : refused(404, 'No part file of that id.');
  });
}
