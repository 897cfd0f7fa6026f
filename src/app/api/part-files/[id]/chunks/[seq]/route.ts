import { answering, limitedBody, refused } from '@/server/http';
import { CHUNK_BYTES, takeChunk } from '@/server/part-files';

/** Takes one piece of an announced file. */
export function PUT(request: Request, { params }: { params: Promise<{ id: string; seq: string }> }): Promise<Response> {
  return answering(async () => {
    const { id, seq } = await params;
    if (!/^\d{1,6}$/.test(seq)) return refused(400, `Piece “${seq.slice(0, 20)}”: a whole number from 0 is wanted.`);
    const data = await limitedBody(request, CHUNK_BYTES);
    if (data.length === 0) return refused(400, 'An empty piece.');
    const outcome = await takeChunk(id, Number(seq), Buffer.from(data));
    if (outcome === 'missing') return refused(404, 'No part file of that id was announced.');
    if (outcome === 'unwanted') return refused(409, 'That piece is not wanted.');
    return Response.json({ ok: true });
  });
}
