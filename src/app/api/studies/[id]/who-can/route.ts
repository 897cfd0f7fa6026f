import { z } from 'zod';
import { answering, checked, refused } from '@/server/http';
import { activeFoundriesNow } from '@/server/foundries';
import { inPool } from '@/server/jobs';
import { getStudy } from '@/server/studies';

const asked = z.object({ q: z.coerce.number().int().min(1).max(1_000_000_000).optional() });

/** Who can make the part of a study: every foundry on every route it runs. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { q } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const foundries = await activeFoundriesNow();
    return Response.json(
      await inPool('whoCan', { brief, school, rates, foundries, ...(q === undefined ? {} : { q }) }, request.signal),
    );
  });
}
