import { z } from 'zod';
import { isPlainDate } from '@/core/base/plain-date';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getStudy } from '@/server/studies';
import { issueTraveller, listTravellers } from '@/server/travellers';
import { whoSchema } from '../../../quote-schema';

const issueSchema = z.object({
  who: whoSchema,
  laneId: z.string().regex(/^[a-z0-9-]+\/[a-z0-9-]+$/, 'a route such as green-sand/bench'),
  good: z.number().int().min(1, 'one piece or more').max(1_000_000, 'a million pieces or fewer'),
  startDate: z.string().refine(isPlainDate, 'a date such as 2027-02-15'),
});

type Context = { params: Promise<{ id: string }> };

/** The travellers of a study, newest first. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => Response.json(await listTravellers((await params).id)));
}

/** Issues a traveller: worked out from the study as it is stored, and kept so. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { who, laneId, good, startDate } = checked(issueSchema, await jsonBody(request));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const body = await inPool('traveller', { brief, school, rates, laneId, good, startDate }, request.signal);
    const id = await issueTraveller(study.id, body, who);
    return id === null ? refused(404, 'No study of that id.') : Response.json({ id }, { status: 201 });
  });
}
