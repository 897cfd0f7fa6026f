import { z } from 'zod';
import { lifetimeQuantity } from '@/core/brief';
import { ratesOf } from '@/core/rates';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { addQuotes, studyQuotes } from '@/server/quotes';
import { getStudy } from '@/server/studies';
import { quoteSchema, whoSchema } from '../../../quote-schema';

const asked = z.object({ q: z.coerce.number().int().min(1).max(1_000_000_000).optional() });
const MOST_AT_ONCE = 100;
const addSchema = z.object({
  who: whoSchema,
  why: z.string().trim().max(400).default(''),
  entered: z.enum(['typed', 'sheet', 'paste']),
  requestId: z.uuid().nullable().default(null),
  quotes: z
    .array(
      z.object({
        foundryId: z.string().min(1).max(40).nullable(),
        supplier: z.string().trim().max(120).default(''),
        quote: quoteSchema,
      }),
    )
    .min(1, 'at least one quote')
    .max(MOST_AT_ONCE, `at most ${MOST_AT_ONCE} quotes`),
});

type Context = { params: Promise<{ id: string }> };

/** The quotes of a study, made comparable at a quantity, and what they do to the choice. */
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { q } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const held = await studyQuotes(study.id, ratesOf(rates).currency.code);
    const { quotes, setting, given } = held;
    const assessed = await inPool(
      'quotes',
      { brief, school, rates, q: q ?? lifetimeQuantity(brief) ?? 1, quotes, setting, given },
      request.signal,
    );
    return Response.json({ ...held, assessed });
  });
}

/** Puts quotes in, all or none. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { who, why, entered, requestId, quotes } = checked(addSchema, await jsonBody(request, IMPORT_LIMIT));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const nameless = quotes.findIndex((one) => one.foundryId === null && one.supplier === '');
    if (nameless >= 0)
      return refused(400, 'A supplier that is not on the list of foundries needs its name.', [
        { path: `quotes.${nameless}.supplier`, value: '', message: 'the name of the supplier' },
      ]);
    const added = await addQuotes(
      study.id,
      quotes.map((one) => ({ ...one, who, why, entered, requestId, simulated: false })),
    );
    const missing = added.findIndex((a) => a.outcome === 'no-foundry');
    if (missing >= 0)
      return refused(400, 'No foundry of that id.', [
        { path: `quotes.${missing}.foundryId`, value: quotes[missing]?.foundryId ?? '', message: 'an id of the list' },
      ]);
    return Response.json({ ids: added.flatMap((a) => (a.outcome === 'added' ? [a.id] : [])) }, { status: 201 });
  });
}
