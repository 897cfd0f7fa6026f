import { parseBrief } from '@/core/brief';
import { briefOfBoughtPart } from '@/core/comparison/parts-list';
import { ratesOf } from '@/core/rates';
import { SHIPPED_RATES } from '@/core/rates';
import { getBoughtPart, ratesOfSet } from '@/server/bought-parts';
import { answering, refused } from '@/server/http';
import { createStudy } from '@/server/studies';
import { teamAlloyIds } from '@/server/team-alloys';

/** Makes a study of a bought part, with what the list knows of it; what was taken from stock is marked as assumed. */
export function POST(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const part = await getBoughtPart((await params).id);
    const rates = await ratesOfSet(SHIPPED_RATES.id);
    if (part === undefined || rates === undefined) return refused(404, 'No part of that number.');
    const brief = parseBrief(briefOfBoughtPart(part, ratesOf(rates)), await teamAlloyIds());
    if (!brief.ok) return refused(422, 'What the list says makes no brief.', brief.issues);
    return Response.json({ id: (await createStudy(brief.brief)).id }, { status: 201 });
  });
}
