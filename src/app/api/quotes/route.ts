import { z } from 'zod';
import { answering, checked } from '@/server/http';
import { listQuotes } from '@/server/quotes';

const asked = z.object({
  words: z.string().trim().max(120).default(''),
  from: z.coerce.number().int().min(0).max(1_000_000).default(0),
});

/** Quotes of all studies, the latest first. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const { words, from } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    return Response.json(await listQuotes(words, from));
  });
}
