import { answering } from '@/server/http';
import { listRevisions } from '@/server/studies';

/** The revisions of a study's brief, the newest first. */
export function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => Response.json(await listRevisions((await params).id)));
}
