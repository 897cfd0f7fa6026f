import { answering, refused } from '@/server/http';
import { listStandings, standingOfDecision } from '@/server/results';

/**
 * The signed decisions as they were last looked at, those that fell first; with ?decision=ID that one alone, looked at
 * again where its rates have moved.
 */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const id = new URL(request.url).searchParams.get('decision');
    if (id === null) return Response.json(await listStandings());
    const standing = await standingOfDecision(id, request.signal);
    return standing === undefined ? refused(404, 'No standing decision of that id.') : Response.json(standing);
  });
}
