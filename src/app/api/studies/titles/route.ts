import { answering } from '@/server/http';
import { studyTitles } from '@/server/studies';

/** Names and ids of the studies that are not archived, by name: what one of them is chosen from. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json({ studies: await studyTitles() }));
}
