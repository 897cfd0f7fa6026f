import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { keepTicks } from '@/server/travellers';
import { whoSchema } from '../../../quote-schema';

const MOST_AT_ONCE = 500;
const ticksSchema = z.object({
  ticks: z
    .array(
      z.object({
        item: z.string().min(1).max(80),
        done: z.boolean(),
        note: z.string().trim().max(200, 'a note of at most 200 letters').default(''),
        who: whoSchema,
        at: z.iso
          .datetime({ error: 'a moment such as 2027-02-15T09:30:00.000Z' })
          .transform((at) => new Date(at).toISOString()),
      }),
    )
    .min(1, 'at least one tick')
    .max(MOST_AT_ONCE, `at most ${MOST_AT_ONCE} ticks`),
});

/** Keeps ticks, all of them or none; 409 names the first that may not be. */
export function PUT(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { ticks } = checked(ticksSchema, await jsonBody(request));
    const kept = await keepTicks((await params).id, ticks);
    if (kept.outcome === 'missing') return refused(404, 'No traveller of that id.');
    if (kept.outcome === 'refused')
      return refused(409, kept.why, [{ path: 'ticks', value: kept.item, message: kept.why }]);
    return Response.json({ ticks: kept.ticks });
  });
}
