import { z } from 'zod';
import { lifetimeQuantity } from '@/core/brief';
import { ratesOf } from '@/core/rates';
import { answering, checked, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { heldQuotes } from '@/server/quotes';
import { getStudy } from '@/server/studies';

const asked = z.object({ q: z.coerce.number().int().min(1).max(1_000_000_000).optional() });

/** What each rate would have to be, alone, for the model to ask what a quote asks. */
export function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; quoteId: string }> },
): Promise<Response> {
  return answering(async () => {
    const { q } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    const { id, quoteId } = await params;
    const study = await getStudy(id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const { quotes, ...by } = await heldQuotes(id, ratesOf(rates).currency.code);
    const mine = quotes.filter((one) => one.quote.id === quoteId);
    if (mine.length === 0) return refused(404, 'No quote of that id in this study.');
    const pieces = q ?? lifetimeQuantity(brief) ?? 1;
    return Response.json(
      await inPool('implied', { brief, school, rates, q: pieces, quotes: mine, ...by }, request.signal),
    );
  });
}
