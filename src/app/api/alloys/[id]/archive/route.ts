import { answering, refused } from '@/server/http';
import { archiveTeamAlloy } from '@/server/team-alloys';

/** Puts an alloy of the team's own away; 409 while studies are of it. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const outcome = await archiveTeamAlloy((await params).id);
    if (outcome === 'missing') return refused(404, 'No alloy of the team’s own of that id.');
    if (outcome === 'used') return refused(409, 'Studies are still of this alloy. Choose another in them first.');
    return Response.json({ ok: true });
  });
}
