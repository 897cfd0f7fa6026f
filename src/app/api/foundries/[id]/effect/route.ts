import { answering, checked, IMPORT_LIMIT, jsonBody } from '@/server/http';
import { foundryEffects } from '@/server/results';
import { foundrySchema } from '../../foundry-schema';

/** Version of a profile that is not saved: it differs from every kept one. */
const UNSAVED = 0;

/** What a changed profile would do to the studies judged by the foundry, or by all; nothing is saved. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { name, profile } = checked(foundrySchema, await jsonBody(request, IMPORT_LIMIT));
    const foundry = { id: (await params).id, name, version: UNSAVED, profile };
    return Response.json(await foundryEffects(foundry, request.signal));
  });
}
