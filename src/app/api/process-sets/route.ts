import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { copyProcessSet, listProcessSets } from '@/server/process-sets';

const copySchema = z.object({
  from: z.string().min(1).max(40),
  name: z.string().trim().min(1, 'a name of at least one letter').max(120),
  who: z.string().trim().min(1, 'the name of who makes it').max(80),
});

/** Every set of process values, the book's first. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json(await listProcessSets()));
}

/** Makes a team's own set out of another one. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { from, ...input } = checked(copySchema, await jsonBody(request));
    const made = await copyProcessSet(from, input);
    return made === undefined
      ? refused(404, 'No set of process values of that id.')
      : Response.json(made, { status: 201 });
  });
}
