import { CORE_VERSION } from '@/core/base/version';
import { answering, originAllowed, RequestError } from '@/server/http';
import { inPool, type JobOutput } from '@/server/jobs';

/** The answers of this build: they do not change while it runs. */
let kept: Promise<JobOutput<'check'>> | null = null;

/** The worked cases, run on the server: once for each start. Only for our own pages and for command-line clients. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const { headers } = request;
    if (!originAllowed(headers.get('origin'), headers.get('sec-fetch-site'), headers.get('host')))
      throw new RequestError(403, 'The arithmetic is checked for our own pages only.');
    kept ??= inPool('check', undefined as never).catch((error: unknown) => {
      kept = null;
      throw error;
    });
    return Response.json(await kept, { headers: { 'x-core-version': CORE_VERSION } });
  });
}
