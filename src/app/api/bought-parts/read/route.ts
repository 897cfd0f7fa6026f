import { SHIPPED_RATES } from '@/core/rates';
import { ratesOfSet } from '@/server/bought-parts';
import { answering, limitedBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';

const SHEET_LIMIT = 16 * 1024 * 1024;

/** Reads a sheet of bought parts, a CSV or a workbook; nothing is saved. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const bytes = await limitedBody(request, SHEET_LIMIT);
    const rates = await ratesOfSet(SHIPPED_RATES.id);
    if (rates === undefined) return refused(404, 'No rate set of that id.');
    return Response.json(await inPool('partsSheet', { bytes, rates }, request.signal));
  });
}
