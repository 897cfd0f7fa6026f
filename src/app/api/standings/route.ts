import { standings } from '@/server/decisions';
import { answering } from '@/server/http';

/** Every signed choice, looked at again with the rates its study uses now. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json(await standings()));
}
