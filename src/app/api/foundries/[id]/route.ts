import { z } from 'zod';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { getFoundry } from '@/server/foundries';
import { saveProfile } from '@/server/results';
import { foundrySchema } from '../foundry-schema';

const saveSchema = z.object({
  input: foundrySchema,
  version: z.number().int().min(1).max(4_294_967_295),
  who: z.string().trim().min(1, 'the name of who changes it').max(80),
  why: z.string().trim().max(400).default(''),
});

type Context = { params: Promise<{ id: string }> };

/** A foundry with its profile and history. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const foundry = await getFoundry((await params).id);
    return foundry === undefined ? refused(404, 'No foundry of that id.') : Response.json(foundry);
  });
}

/** Saves what is said of a foundry; 409 when somebody saved in between. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const result = await saveProfile((await params).id, checked(saveSchema, await jsonBody(request, IMPORT_LIMIT)));
    switch (result.outcome) {
      case 'saved':
        return Response.json(result);
      case 'conflict':
        return Response.json(result, { status: 409 });
      case 'missing':
        return refused(404, 'No foundry of that id.');
    }
  });
}
