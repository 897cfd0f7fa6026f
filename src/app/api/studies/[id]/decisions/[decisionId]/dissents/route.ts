import { writeDissent } from '@/server/decisions';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { dissentSchema } from '../../sign-schema';

/** Writes a dissent beside a decision, which stays as it is. */
export function POST(
  request: Request,
  { params }: { params: Promise<{ id: string; decisionId: string }> },
): Promise<Response> {
  return answering(async () => {
    const { id, decisionId } = await params;
    const decision = await writeDissent(id, decisionId, checked(dissentSchema, await jsonBody(request)));
    return decision === null ? refused(404, 'No decision of that id.') : Response.json(decision, { status: 201 });
  });
}
