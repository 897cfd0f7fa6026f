import { CORE_VERSION } from '@/core/base/version';
import { reading, rows } from '@/server/db';
import { answering } from '@/server/http';

/** Alive, with the database answering. */
export function GET(): Promise<Response> {
  return answering(async () => {
    await reading((on) => rows(on, 'SELECT 1 AS one'));
    return Response.json({ ok: true, coreVersion: CORE_VERSION });
  });
}
