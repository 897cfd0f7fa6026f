import { answering, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { teamAlloyIds } from '@/server/team-alloys';
import { createStudy } from '@/server/studies';

/** Takes in a study file; a broken one is refused with each field named, and nothing is written. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const read = await inPool(
      'studyFile',
      { raw: await jsonBody(request, IMPORT_LIMIT), own: await teamAlloyIds() },
      request.signal,
    );
    if (!read.ok) return refused(400, 'The file is not a study this build can read.', read.issues);
    const study = await createStudy(read.brief, { school: read.school });
    return Response.json({ id: study.id, title: study.title, notes: read.notes }, { status: 201 });
  });
}
