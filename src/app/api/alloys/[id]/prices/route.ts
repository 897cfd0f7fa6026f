import { z } from 'zod';
import { ALLOY_PRICE_SCHEMA } from '@/core/team-alloys';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { dropPrice, savePrice } from '@/server/results';

const who = z.string().trim().min(1, 'the name of who enters it').max(80);
const enterSchema = z.object({ price: ALLOY_PRICE_SCHEMA, who });
const withdrawSchema = z.object({ withdraw: z.number().int().min(1), who });
const bodySchema = z.union([enterSchema, withdrawSchema]);

/** Enters a price of an alloy on a day, or withdraws one that was entered in error. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { id } = await params;
    const raw = await jsonBody(request);
    const body = checked(typeof raw === 'object' && raw !== null && 'price' in raw ? enterSchema : bodySchema, raw);
    if ('withdraw' in body)
      return (await dropPrice(id, body.withdraw, body.who))
        ? Response.json({ ok: true })
        : refused(404, 'No price of that number is in force for this alloy.');
    const today = new Date().toISOString().slice(0, 10);
    if (body.price.date > today)
      return refused(422, `Refused: price.date – a day not after today, ${today}, is wanted.`, [
        { path: 'price.date', value: body.price.date, message: `a day not after today, ${today}, is wanted` },
      ]);
    return (await savePrice(id, body.price, body.who))
      ? Response.json({ ok: true }, { status: 201 })
      : refused(404, 'No alloy of that id.');
  });
}
