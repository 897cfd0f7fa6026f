import { z } from 'zod';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { saveAlloy } from '@/server/results';
import { getAlloy } from '@/server/team-alloys';
import { alloySchema } from '../alloy-schema';

const saveSchema = z.object({
  input: alloySchema,
  version: z.number().int().min(1).max(4_294_967_295),
  who: z.string().trim().min(1, 'the name of who changes it').max(80),
  why: z.string().trim().max(400).default(''),
});

type Context = { params: Promise<{ id: string }> };

/** What is kept of an alloy: its prices, and of one of the team's own its values and history. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const alloy = await getAlloy((await params).id);
    return alloy === undefined ? refused(404, 'No alloy of that id.') : Response.json(alloy);
  });
}

/** Saves what is said of an alloy of the team's own; 409 when somebody saved in between. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const result = await saveAlloy((await params).id, checked(saveSchema, await jsonBody(request, IMPORT_LIMIT)));
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
      case 'missing':
        return refused(404, 'No alloy of the team’s own of that id.');
    }
  });
}
