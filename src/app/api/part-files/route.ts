import { answering, checked, jsonBody } from '@/server/http';
import { announcePartFile, partFileSchema } from '@/server/part-files';

/** Announces a part file whose pieces will follow. */
export function POST(request: Request): Promise<Response> {
  return answering(async () =>
    Response.json(await announcePartFile(checked(partFileSchema, await jsonBody(request))), { status: 201 }),
  );
}
