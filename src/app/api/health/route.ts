import { CORE_VERSION } from '@/core/base/version';
import { answers } from '@/server/db';
import { answering } from '@/server/http';

/** Alive, with the database answering. */
export function GET(): Promise<Response> {
  return answering(async () => {
    await answers();
    return Response.json({ ok: true, coreVersion: CORE_VERSION });
  });
}
