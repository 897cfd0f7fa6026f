import { z } from 'zod';
import { answering, checked, IMPORT_LIMIT, jsonBody } from '@/server/http';
import { createFoundry, listFoundries } from '@/server/foundries';
import { foundrySchema } from './foundry-schema';

const createSchema = foundrySchema.extend({ who: z.string().trim().min(1, 'the name of who enters it').max(80) });

/** Every foundry with its profile, by name. */
export function GET(): Promise<Response> {
  return answering(async () => Response.json(await listFoundries()));
}

/** Puts a foundry in. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const { who, ...input } = checked(createSchema, await jsonBody(request, IMPORT_LIMIT));
    return Response.json({ id: await createFoundry(input, who) }, { status: 201 });
  });
}
