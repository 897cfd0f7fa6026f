import { z } from 'zod';
import { ratesOf } from '@/core/rates';
import { ratesCsv } from '@/server/exchange';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getRateSet } from '@/server/rates';

type Context = { params: Promise<{ id: string }> };

/** The rate set as CSV. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const set = await getRateSet((await params).id);
    if (set === undefined) return refused(404, 'No rate set of that id.');
    const name = set.ref.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
    return new Response(ratesCsv(ratesOf(set.ref)), {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="rates.csv"; filename*=UTF-8''${encodeURIComponent(name)}.csv`,
      },
    });
  });
}

/** Reads a CSV against the set and answers what it would change; nothing is saved. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { csv } = checked(z.object({ csv: z.string() }), await jsonBody(request, IMPORT_LIMIT));
    const set = await getRateSet((await params).id);
    if (set === undefined) return refused(404, 'No rate set of that id.');
    return Response.json(await inPool('ratesCsv', { text: csv, rates: set.ref }, request.signal));
  });
}
