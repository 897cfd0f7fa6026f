import { z } from 'zod';
import { parseBrief } from '@/core/brief';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { studyPage } from '@/server/results';
import { teamAlloyIds } from '@/server/team-alloys';
import { createStudy, listSchema } from '@/server/studies';

const createSchema = z.object({
  brief: z.unknown(),
  school: z.enum(['published', 'shop', 'specialist']).default('published'),
  editor: z.string().min(1).max(64).default('server'),
});

/** A page of the studies: ?search= words, ?sort= a column, ?up=1, ?page= from 1, ?archived=1 for those put away. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const asked = listSchema.parse(Object.fromEntries(new URL(request.url).searchParams));
    return Response.json(await studyPage(asked));
  });
}

/** Makes a study from a brief. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const input = checked(createSchema, await jsonBody(request));
    const parsed = parseBrief(input.brief, await teamAlloyIds());
    if (!parsed.ok) return refused(400, 'The brief is refused.', parsed.issues);
    return Response.json(await createStudy(parsed.brief, { school: input.school, editor: input.editor }), {
      status: 201,
    });
  });
}
