import { z } from 'zod';
import { isReason, REASON_WANTED } from '@/core/decision';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { award } from '@/server/quotes';
import { getStudy } from '@/server/studies';
import { whoSchema } from '../../../../quote-schema';

const awardSchema = z.object({
  /** Null takes the award back. */
  quoteId: z.string().min(1).max(60).nullable(),
  runnerUpId: z.string().min(1).max(60).nullable().default(null),
  why: z.string().trim().max(2000).refine(isReason, REASON_WANTED),
  perGoodPart: z.number().min(0).nullable().default(null),
  quantity: z.number().min(1).nullable().default(null),
  currency: z.string().regex(/^[A-Z]{3}$/),
  who: whoSchema,
});

/** Awards a quote of the study, with why, and the one that is held in reserve. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const input = checked(awardSchema, await jsonBody(request));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    if (input.quoteId !== null && input.quoteId === input.runnerUpId)
      return refused(400, 'A quote cannot be its own runner-up.', [
        { path: 'runnerUpId', value: input.runnerUpId, message: 'another quote, or none' },
      ]);
    return (await award(study.id, input))
      ? Response.json({ saved: true }, { status: 201 })
      : refused(404, 'No quote of that id in this study.');
  });
}
