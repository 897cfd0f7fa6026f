import { findAlloy } from '@/core/catalogue/alloys';
import { parseAlloyFacts, wholeAlloy } from '@/core/team-alloys';
import { answering, checked, IMPORT_LIMIT, jsonBody, refused } from '@/server/http';
import { alloyEffects } from '@/server/results';
import { getAlloy } from '@/server/team-alloys';
import { alloySchema } from '../../alloy-schema';

/** Version of an alloy that is not saved: it differs from every kept one. */
const UNSAVED = 0;

/** What a changed alloy would do to the studies that are of it; nothing is saved. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { id } = await params;
    const input = checked(alloySchema, await jsonBody(request, IMPORT_LIMIT));
    const own = (await getAlloy(id))?.own ?? null;
    const base = findAlloy(own?.from);
    if (own === null || base === undefined) return refused(404, 'No alloy of the team’s own of that id.');
    const read = parseAlloyFacts(input.facts, base);
    if (!read.ok) return refused(422, 'The values are refused.', read.issues);
    return Response.json(await alloyEffects(wholeAlloy({ ...own, ...input, version: UNSAVED }, base), request.signal));
  });
}
