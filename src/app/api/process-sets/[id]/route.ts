import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { getProcessSet } from '@/server/process-sets';
import { saveProcess } from '@/server/results';
import { processChangeSchema } from '../change-schema';

const saveSchema = z.object({
  change: processChangeSchema,
  version: z.number().int().min(1).max(4_294_967_295),
  who: z.string().trim().min(1, 'the name of who changes it').max(80),
  why: z.string().trim().max(400).default(''),
});

type Context = { params: Promise<{ id: string }> };

/** A set of process values with its history: also the file that another team can read. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const set = await getProcessSet((await params).id);
    return set === undefined ? refused(404, 'No set of process values of that id.') : Response.json(set);
  });
}

/** Saves changes to a team's own set; 409 with the newer set when somebody saved in between. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const result = await saveProcess((await params).id, checked(saveSchema, await jsonBody(request)));
    switch (result.outcome) {
      case 'saved':
        return Response.json(result);
      case 'conflict':
        return Response.json(result, { status: 409 });
      case 'refused':
        return refused(
          422,
          `Refused: ${result.issues.map((i) => `${i.path} – ${i.message}`).join('; ')}`,
          result.issues,
        );
      case 'read-only':
        return refused(403, 'The book’s values cannot be changed. Make a copy and change that.');
      case 'missing':
        return refused(404, 'No set of process values of that id.');
    }
  });
}
