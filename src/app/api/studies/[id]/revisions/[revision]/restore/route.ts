import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { restoreRevision } from '@/server/studies';

const restoreSchema = z.strictObject({
  version: z.number().int().min(1).max(4_294_967_295),
  editor: z.string().min(1).max(64),
});

type Context = { params: Promise<{ id: string; revision: string }> };

/** Takes an earlier revision up again as a new one. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { id, revision } = await params;
    const number = checked(z.coerce.number().int().min(1), revision);
    const result = await restoreRevision(id, number, checked(restoreSchema, await jsonBody(request)));
    switch (result.outcome) {
      case 'restored':
        return Response.json(result.study, { status: 201 });
      case 'missing':
        return refused(404, 'No such revision.');
      case 'conflict':
        return refused(409, 'Somebody saved this study since you opened it. Load it again before restoring.');
    }
  });
}
