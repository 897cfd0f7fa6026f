import { z } from 'zod';
import { lifetimeQuantity } from '@/core/brief';
import { ratesOf } from '@/core/rates';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { addQuotes, getRequestLine, hasDesk, listRequests, studyQuotes } from '@/server/quotes';
import { renewSoon } from '@/server/results';
import { getStudy } from '@/server/studies';
import { quoteSchema, whoSchema } from '../../../quote-schema';

const asked = z.object({ q: z.coerce.number().int().min(1).max(1_000_000_000).optional() });
const MOST_AT_ONCE = 100;
const addSchema = z.object({
  who: whoSchema,
  why: z.string().trim().max(400).default(''),
  entered: z.enum(['typed', 'sheet', 'paste']),
  quotes: z
    .array(
      z.object({
        foundryId: z.string().min(1).max(40).nullable(),
        supplier: z.string().trim().max(120).default(''),
        /** The line of a request that it answers. */
        lineId: z.uuid().nullable().default(null),
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
    return Response.json({ ...held, assessed, requests: await listRequests(study.id), desk: hasDesk() });
  });
}

/** Puts quotes in, all or none. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { who, why, entered, quotes } = checked(addSchema, await jsonBody(request, IMPORT_LIMIT));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const nameless = quotes.findIndex((one) => one.foundryId === null && one.supplier === '');
    if (nameless >= 0)
      return refused(400, 'A supplier that is not on the list of foundries needs its name.', [
        { path: `quotes.${nameless}.supplier`, value: '', message: 'the name of the supplier' },
      ]);
    const of = await Promise.all(
      quotes.map(async ({ lineId }) => (lineId === null ? undefined : getRequestLine(lineId))),
    );
    const added = await addQuotes(
      study.id,
      quotes.map((one, i) => {
        const mine = of[i]?.studyId === study.id ? of[i] : undefined;
        return {
          ...{ ...one, who, why, entered, lineId: mine?.line.id ?? null, requestId: mine?.requestId ?? null },
          // What the desk wrote stays the desk's, whoever made it out.
          simulated: mine?.line.byDesk === true && mine.line.reply !== null,
        };
      }),
    );
    if (added.outcome === 'no-foundry')
      return refused(400, 'No foundry of that id. Nothing was saved.', [
        {
          path: `quotes.${added.at}.foundryId`,
          value: quotes[added.at]?.foundryId ?? '',
          message: 'an id of the list of foundries',
        },
      ]);
    renewSoon();
    return Response.json({ ids: added.ids }, { status: 201 });
  });
}
