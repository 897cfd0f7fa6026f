import { z } from 'zod';
import { processCsv } from '@/server/exchange';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getProcessSet } from '@/server/process-sets';

type Context = { params: Promise<{ id: string }> };

/** The set as CSV. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const set = await getProcessSet((await params).id);
    if (set === undefined) return refused(404, 'No set of process values of that id.');
    const name = set.ref.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
    return new Response(processCsv(set.ref), {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="process-values.csv"; filename*=UTF-8''${encodeURIComponent(name)}.csv`,
      },
    });
  });
}

/** Reads a CSV against the set and answers what it would change; nothing is saved. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { csv } = checked(z.object({ csv: z.string() }), await jsonBody(request, IMPORT_LIMIT));
    const set = await getProcessSet((await params).id);
    if (set === undefined) return refused(404, 'No set of process values of that id.');
    return Response.json(await inPool('processCsv', { text: csv, process: set.ref }, request.signal));
  });
}
