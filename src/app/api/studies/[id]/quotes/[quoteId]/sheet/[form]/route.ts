import { z } from 'zod';
import { laneWords } from '@/core/catalogue/routes';
import { replyCsv } from '@/server/exchange';
import { answering, checked, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getQuote } from '@/server/quotes';

const formSchema = z.enum(['xlsx', 'csv']);

/** A quote written out as its reply sheet, to be looked at or read in again. */
export function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; quoteId: string; form: string }> },
): Promise<Response> {
  return answering(async () => {
    const { id, quoteId, form: asked } = await params;
    const form = checked(formSchema, asked);
    const found = await getQuote(id, quoteId);
    if (found === undefined) return refused(404, 'No quote of that id in this study.');
    const { quote, foundry } = found;
    const words = laneWords(`${quote.route}/${quote.variant}`);
    const sheet = {
      ...{ lineId: found.requestId ?? quoteId, title: 'Quote', foundry, filled: {}, quote },
      route: `${words.route}, ${words.variant}`,
    };
    const body = form === 'csv' ? replyCsv(sheet) : Buffer.from(await inPool('replyBook', sheet, request.signal));
    return new Response(body, {
      headers: {
        'content-type':
          form === 'csv'
            ? 'text/csv; charset=utf-8'
            : 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'content-disposition': `attachment; filename="quote.${form}"`,
      },
    });
  });
}
