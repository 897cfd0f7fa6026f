import { z } from 'zod';
import { isPlainDate } from '@/core/base/plain-date';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { comparedOn, getRequest, handToDesk, hasDesk, listRequests, sendRequest } from '@/server/quotes';
import { getStudy } from '@/server/studies';
import { whoSchema } from '../../../quote-schema';

const MOST_ASKED = 40;
const sendSchema = z.object({
  who: whoSchema,
  answerBy: z.string().refine(isPlainDate, 'a date such as 2027-02-15').nullable().default(null),
  /** Whether the desk answers for them. */
  byDesk: z.boolean().default(false),
  q: z.number().int().min(1).max(1_000_000_000).optional(),
  lines: z
    .array(z.object({ foundryId: z.string().min(1).max(40), laneId: z.string().regex(/^[a-z0-9-]+\/[a-z0-9-]+$/) }))
    .min(1, 'at least one foundry')
    .max(MOST_ASKED, `at most ${MOST_ASKED} foundries and routes`)
    .refine(
      (lines) => new Set(lines.map((l) => `${l.foundryId} ${l.laneId}`)).size === lines.length,
      'each foundry once on a route',
    ),
});

type Context = { params: Promise<{ id: string }> };

/** Every request of a study, with who was asked and what came of it. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => Response.json(await listRequests((await params).id)));
}

/** Sends a request to foundries: kept as it was asked; where the desk answers for them it is handed over. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { who, answerBy, byDesk, q, lines } = checked(sendSchema, await jsonBody(request));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    if (byDesk && !hasDesk()) return refused(409, 'The simulated desk is turned off; the request was not sent.');
    const { brief, school, rates } = study;
    const laneIds = [...new Set(lines.map((l) => l.laneId))];
    const asked = await inPool(
      'quoteRequest',
      { brief, school, rates, laneIds, ...(q === undefined ? {} : { q }) },
      request.signal,
    );
    const id = await sendRequest(study.id, { asked, lines, answerBy, byDesk, who });
    if (id === null) return refused(400, 'No foundry of that id.');
    const sent = await getRequest(id);
    if (sent !== undefined && byDesk) await handToDesk(sent, study, await comparedOn(study.id));
    return Response.json({ id, number: sent?.number ?? null }, { status: 201 });
  });
}
