import { publishedSchemas } from '@/server/exchange';

/** JSON Schemas of the study file and of the evaluate request. */
export function GET(): Response {
  return Response.json(publishedSchemas());
}
