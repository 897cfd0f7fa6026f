import { z } from 'zod';
import { listDecisions, signDecision } from '@/server/decisions';
import { answering, checked, jsonBody, refused } from '@/server/http';

const signSchema = z.object({
  laneId: z.string().min(1).max(60),
  quantity: z.number().int().min(1).max(1_000_000),
  why: z.string().trim().min(1, 'a reason of at least one word').max(4000),
  signedBy: z.string().trim().min(1, 'the name of who signs').max(80),
  signedOn: z.iso.date('a real date as YYYY-MM-DD'),
  version: z.number().int().min(1),
});

type Context = { params: Promise<{ id: string }> };

/** Decisions of a study, the latest first. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return answering(async () => Response.json(await listDecisions((await params).id)));
}

/** Signs a choice and freezes all it rests on. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const result = await signDecision((await params).id, checked(signSchema, await jsonBody(request)));
    switch (result.outcome) {
      case 'signed':
        return Response.json(result.decision, { status: 201 });
      case 'missing':
        return refused(404, 'No study of that id.');
      case 'barred':
        return refused(422, result.reason, [{ path: 'laneId', value: null, message: result.reason }]);
      case 'conflict':
        return refused(409, 'Somebody saved this study since you opened it. Load it again before signing.');
    }
  });
}
