import { z } from 'zod';
import { BOUGHT_PART_SCHEMA } from '@/core/comparison/parts-list';
import { SHIPPED_RATES } from '@/core/rates';
import { listBoughtParts, MOST_PARTS, putParts, ratesOfSet } from '@/server/bought-parts';
import { partsCsv } from '@/server/exchange';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';

/** A list of thousands, as it is sent. */
const LIST_LIMIT = 16 * 1024 * 1024;

const putSchema = z.object({
  parts: z.array(BOUGHT_PART_SCHEMA).min(1).max(MOST_PARTS),
  who: z.string().trim().min(1, 'the name of who enters it').max(80),
});

/** The list screened by a rate set (`?rates=`), those that save most first; `?as=csv` for a file. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const asked = new URL(request.url).searchParams;
    const rates = await ratesOfSet(asked.get('rates') ?? SHIPPED_RATES.id);
    if (rates === undefined) return refused(404, 'No rate set of that id.');
    const parts = await inPool('screenParts', { parts: await listBoughtParts(), rates }, request.signal);
    if (asked.get('as') !== 'csv') return Response.json({ parts, currency: rates.currency });
    return new Response(partsCsv(parts, rates.currency), {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="bought-parts.csv"',
      },
    });
  });
}

/** Puts parts in, one of the same number over the one before. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { parts, who } = checked(putSchema, await jsonBody(request, LIST_LIMIT));
    return (await putParts(parts, who))
      ? Response.json({ put: parts.length }, { status: 201 })
      : refused(409, `The list holds at most ${MOST_PARTS} parts. Take some off it first.`);
  });
}
