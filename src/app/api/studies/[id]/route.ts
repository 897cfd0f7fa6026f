import { z } from 'zod';
import { briefSchema } from '@/core/brief';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { getStudy, saveBrief } from '@/server/studies';

const saveSchema = z.object({
  brief: briefSchema,
  school: z.enum(['published', 'shop', 'specialist']),
  version: z.number().int().min(1).max(4_294_967_295),
  editor: z.string().min(1).max(64),
  settles: z.uuid().optional(),
});

type Context = { params: Promise<{ id: string }> };

/** One study with its brief. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const study = await getStudy((await params).id);
    return study === undefined ? refused(404, 'No study of that id.') : Response.json(study);
  });
}

/** Saves a brief read at a version; 409 with the newer study when somebody saved in between. */
export function PUT(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const input = checked(saveSchema, await jsonBody(request));
    const result = await saveBrief((await params).id, input);
    if (result.outcome === 'missing') return refused(404, 'No study of that id.');
    return Response.json(result, { status: result.outcome === 'conflict' ? 409 : 200 });
  });
}
