import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { withdrawQuote } from '@/server/quotes';
import { renewSoon } from '@/server/results';
import { whoSchema } from '../../../../../quote-schema';

const withdrawSchema = z.object({ who: whoSchema, why: z.string().trim().max(400).nullable() });

/** Withdraws a quote with the reason, or with none (null) lets it stand again. */
export function POST(
  request: Request,
  { params }: { params: Promise<{ id: string; quoteId: string }> },
): Promise<Response> {
  return answering(async () => {
    const { who, why } = checked(withdrawSchema, await jsonBody(request));
    const { id, quoteId } = await params;
    const result = await withdrawQuote(id, quoteId, why, who);
    if (result.outcome === 'saved') renewSoon();
    return result.outcome === 'saved' ? Response.json(result) : refused(404, 'No quote of that id in this study.');
  });
}
