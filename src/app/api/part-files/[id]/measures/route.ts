import { answering, limitedBody, refused } from '@/server/http';
import { keepMeasures, MEASURES_LIMIT, measuresKeySchema, streamMeasures } from '@/server/part-files';

type Context = { params: Promise<{ id: string }> };

const GZIP = [0x1f, 0x8b] as const;

const keyOf = (request: Request) => measuresKeySchema.safeParse(new URL(request.url).searchParams.get('by'));
const noKey = (): Response => refused(400, '“by” names how the file was measured: letters, digits and .,_- only.');

/** What was measured of a part file, packed, if it is kept. */
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const key = keyOf(request);
    if (!key.success) return noKey();
    const stream = await streamMeasures((await params).id, key.data);
    if (stream === undefined) return refused(404, 'Nothing is kept of such a measuring.');
    return new Response(stream, {
      headers: { 'content-type': 'application/octet-stream', 'cache-control': 'private, no-store' },
    });
  });
}

/** Keeps what was measured of a part file. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const key = keyOf(request);
    if (!key.success) return noKey();
    const packed = await limitedBody(request, MEASURES_LIMIT);
    if (GZIP.some((byte, i) => packed[i] !== byte)) return refused(400, 'Measures are sent compressed by gzip.');
    return (await keepMeasures((await params).id, key.data, packed)) === 'kept'
      ? Response.json({ ok: true })
      : refused(404, 'No part file of that id.');
  });
}
