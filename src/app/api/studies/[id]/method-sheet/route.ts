import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getStudy } from '@/server/studies';

const MOST_POINTS = 4000;
const coordinate = z.number().min(-20_000).max(20_000);
const ring = z
  .array(z.tuple([coordinate, coordinate]))
  .min(3)
  .max(MOST_POINTS);
const rings = z.array(ring).max(80);
const outline = z.strictObject({
  size_mm: z.tuple([coordinate, coordinate, coordinate]),
  ...{ section: rings, sectionAcross: rings, fromAbove: rings, fromFront: rings, fromSide: rings },
  ...{ sectionAt_mm: coordinate, widest_mm: coordinate },
});
const paperSchema = z.object({
  laneId: z.string().regex(/^[a-z0-9-]+\/[a-z0-9-]+$/, 'a route such as green-sand/bench'),
  q: z.number().int().min(1).max(1_000_000),
  units: z.enum(['si', 'inch']).default('si'),
  paper: z.enum(['A4', 'LETTER']).default('A4'),
  outline: outline.nullable().default(null),
});

/** The method of a study on one lane as a PDF, with what of the part its drawings show. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const asked = checked(paperSchema, await jsonBody(request));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { brief, school, rates } = study;
    const madeOn = new Date().toISOString().slice(0, 10);
    const pdf = await inPool('methodPaper', { brief, school, rates, ...asked, madeOn }, request.signal);
    return new Response(new Uint8Array(pdf), {
      headers: { 'content-type': 'application/pdf', 'content-disposition': 'attachment; filename="method.pdf"' },
    });
  });
}
