import { z } from 'zod';
import { SCREEN_FIGURES, screenWorking } from '@/core/comparison/parts-list';
import { ratesOf } from '@/core/rates';
import { getBoughtPart, ratesOfSet } from '@/server/bought-parts';
import { answering, checked, jsonBody, refused } from '@/server/http';

const schema = z.object({ figure: z.enum(SCREEN_FIGURES), rates: z.string().max(40) });

/** How a figure of a screened part comes about. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const asked = checked(schema, await jsonBody(request));
    const part = await getBoughtPart((await params).id);
    const rates = await ratesOfSet(asked.rates);
    if (part === undefined || rates === undefined) return refused(404, 'No part of that number, or no such rate set.');
    return Response.json(screenWorking(part, ratesOf(rates), asked.figure));
  });
}
