import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { copyRateSet, listRateSets } from '@/server/rates';

const copySchema = z.object({
  from: z.string().min(1).max(40),
  name: z.string().trim().min(1, 'a name of at least one letter').max(120),
  who: z.string().trim().min(1, 'the name of who makes it').max(80),
});

/** Every rate set, the shipped one first. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json(await listRateSets()));
}

/** Makes a shop's own set out of another one. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { from, ...input } = checked(copySchema, await jsonBody(request));
    const made = await copyRateSet(from, input);
    return made === undefined ? refused(404, 'No rate set of that id.') : Response.json(made, { status: 201 });
  });
}
