import { reopenDecision } from '@/server/decisions';
import { answering, refused } from '@/server/http';

/** Reopens a signed decision; it stays on record. */
export function POST(
  _: Request,
  { params }: { params: Promise<{ id: string; decisionId: string }> },
): Promise<Response> {
  return answering(async () => {
    const { id, decisionId } = await params;
    return (await reopenDecision(id, decisionId))
      ? Response.json({ ok: true })
      : refused(404, 'No open decision of that id.');
  });
}
