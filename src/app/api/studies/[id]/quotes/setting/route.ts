import { z } from 'zod';
import { isPlainDate } from '@/core/base/plain-date';
import { ratesOf } from '@/core/rates';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { compareOn, enterExchangeRate, enterScopePrice } from '@/server/quotes';
import { renewSoon } from '@/server/results';
import { getStudy } from '@/server/studies';
import { whoSchema } from '../../../../quote-schema';

const date = z.string().refine(isPlainDate, 'a date such as 2027-02-15');
const changeSchema = z
  .object({
    who: whoSchema,
    /** The day quotes are compared on; null for today. */
    asOf: date.nullable(),
    rate: z.object({
      currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters such as EUR'),
      rate: z.number().positive().max(1e6),
      date,
      source: z.string().trim().max(200).default(''),
    }),
    scope: z.object({
      line: z.string().trim().min(1).max(80),
      /** A piece, in the currency of the study; null for what the model takes. */
      price: z.number().min(0).max(1e9).nullable(),
      basis: z.string().trim().max(200).default(''),
    }),
  })
  .partial({ asOf: true, rate: true, scope: true });

/** Changes what the quotes of a study are compared by: the day, a rate of exchange, the price of work left out. */
export function PUT(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { who, asOf, rate, scope } = checked(changeSchema, await jsonBody(request));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { code } = ratesOf(study.rates).currency;
    if (rate?.currency === code)
      return refused(400, `The study is in ${code} already.`, [
        { path: 'rate.currency', value: rate.currency, message: 'another currency' },
      ]);
    if (asOf !== undefined) await compareOn(study.id, asOf, who);
    if (rate !== undefined) {
      const { currency, date: seenOn, rate: value, source } = rate;
      await enterExchangeRate({ of: currency, in: code, seenOn, rate: value, source, who });
    }
    if (scope !== undefined) {
      const { line, price, basis } = scope;
      await enterScopePrice(study.id, line, price === null ? null : { price, basis }, who);
    }
    renewSoon();
    return Response.json({ saved: true });
  });
}
