import { answering } from '@/server/http';
import { edition2Report } from '@/server/results';

/** What edition 2 of the tables changed, study by study. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => Response.json(await edition2Report(request.signal)));
}
