import { z } from 'zod';
import { parseBrief } from '@/core/brief';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { createStudy, listStudies } from '@/server/studies';

const createSchema = z.object({
  brief: z.unknown(),
  school: z.enum(['published', 'shop']).default('published'),
  editor: z.string().min(1).max(64).default('server'),
});

/** Every study; with ?archived=1 the archived ones. */
export function GET(request: Request): Promise<Response> {
  return answering(async () =>
    Response.json(await listStudies(new URL(request.url).searchParams.get('archived') === '1')),
  );
}

/** Makes a study from a brief. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const input = checked(createSchema, await jsonBody(request));
    const parsed = parseBrief(input.brief);
    if (!parsed.ok) return refused(400, 'The brief is refused.', parsed.issues);
    return Response.json(await createStudy(parsed.brief, { school: input.school, editor: input.editor }), {
      status: 201,
    });
  });
}
