import { answering, refused } from '@/server/http';
import { progressOf } from '@/server/jobs';

/** How far a job is that its caller named: { what, share }. */
export function GET(_: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  return answering(async () => {
    const progress = progressOf((await params).name);
    return progress === undefined
      ? refused(404, 'No job of that name is under way.')
      : Response.json(progress, { headers: { 'cache-control': 'no-store' } });
  });
}
