import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getProcessSet } from '@/server/process-sets';
import { getStudy } from '@/server/studies';

const schema = z.object({ studyId: z.uuid() });

/** The values of a set by how much each moves the cost of a study's leader. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { studyId } = checked(schema, await jsonBody(request));
    const [set, study] = await Promise.all([getProcessSet((await params).id), getStudy(studyId)]);
    if (set === undefined) return refused(404, 'No set of process values of that id.');
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const asked = { brief, school, rates: { ...rates, process: set.ref } };
    return Response.json({
      currency: rates.currency,
      list: await inPool('processMovers', asked, request.signal),
    });
  });
}
