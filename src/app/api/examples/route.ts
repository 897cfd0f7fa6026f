import { answering } from '@/server/http';
import { putExample } from '@/server/demo/seed';

/** Puts the example study in, with its part file: a new one each time it is asked for. */
export function POST(): Promise<Response> {
  return answering(async () => Response.json({ id: await putExample() }, { status: 201 }));
}
