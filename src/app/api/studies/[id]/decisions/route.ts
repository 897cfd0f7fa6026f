import { listDecisions } from '@/server/decisions';
import { signDecision } from '@/server/signing';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { followed } from '@/server/jobs';
import { signSchema } from './sign-schema';

type Context = { params: Promise<{ id: string }> };

/** Decisions of a study, the latest first. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => Response.json(await listDecisions((await params).id)));
}

/** Signs a choice and freezes all it rests on. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const input = checked(signSchema, await jsonBody(request));
    const { id } = await params;
    const result = await followed(request, (onProgress) => signDecision(id, input, request.signal, onProgress));
    switch (result.outcome) {
      case 'signed':
        return Response.json(result.decision, { status: 201 });
      case 'missing':
        return refused(404, 'No study of that id.');
      case 'standing':
        return refused(
          409,
          `A decision signed by ${result.signedBy} on ${result.signedOn} stands. Reopen it before signing another.`,
        );
      case 'barred':
        return refused(422, result.reason, [{ path: 'laneId', value: null, message: result.reason }]);
      case 'conflict':
        return refused(409, 'Somebody saved this study since you opened it. Load it again before signing.');
    }
  });
}
