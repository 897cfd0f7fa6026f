import { z } from 'zod';
import { answering, checked, IMPORT_LIMIT, jsonBody } from '@/server/http';
import { createFoundry, listFoundries } from '@/server/foundries';
import { foundrySchema } from './foundry-schema';

const createSchema = foundrySchema.extend({ who: z.string().trim().min(1, 'the name of who enters it').max(80) });

/** Every foundry with its profile, by name; `?names=1` for ids and names alone. */
export function GET(request: Request): Promise<Response> {
  return answering(async () => {
    const list = await listFoundries();
    const names = new URL(request.url).searchParams.get('names') === '1';
    return Response.json(names ? list.map(({ id, name }) => ({ id, name })) : list);
  });
}

/** Puts a foundry in. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { who, ...input } = checked(createSchema, await jsonBody(request, IMPORT_LIMIT));
    return Response.json({ id: await createFoundry(input, who) }, { status: 201 });
  });
}
