import { ratesOf } from '@/core/rates';
import { answering, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { heldQuotes } from '@/server/quotes';
import { getStudy } from '@/server/studies';

/** What leads over all quantities where quotes stand in place of the model. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const quoted = await heldQuotes(study.id, ratesOf(rates).currency.code);
    return Response.json(await inPool('quotedLeads', { brief, school, rates, ...quoted }, request.signal));
  });
}
