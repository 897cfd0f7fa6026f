import { z } from 'zod';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { saveQuote } from '@/server/quotes';
import { renewSoon } from '@/server/results';
import { quoteSchema, whoSchema } from '../../../../quote-schema';

const saveSchema = z.object({
  quote: quoteSchema,
  version: z.number().int().min(1).max(4_294_967_295),
  who: whoSchema,
  why: z.string().trim().max(400).default(''),
});

/** Corrects a quote; 409 when somebody saved in between. */
export function PUT(
  request: Request,
  { params }: { params: Promise<{ id: string; quoteId: string }> },
): Promise<Response> {
  return answering(async () => {
    const input = checked(saveSchema, await jsonBody(request, IMPORT_LIMIT));
    const { id, quoteId } = await params;
    const result = await saveQuote(id, quoteId, input);
    if (result.outcome === 'saved') renewSoon();
    switch (result.outcome) {
      case 'saved':
        return Response.json(result);
      case 'conflict':
        return Response.json(result, { status: 409 });
      case 'missing':
        return refused(404, 'No quote of that id in this study.');
    }
  });
}
