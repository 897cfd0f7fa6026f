import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import { archiveStudy, chooseRates, dropRefusedSave, duplicateStudy } from '@/server/studies';

type Context = { params: Promise<{ id: string; act: string }> };

const ratesSchema = z.object({
  rateSetId: z.string().min(1).max(40),
  version: z.number().int().min(1).max(4_294_967_295),
});

/** Acts on a study: duplicate, archive, restore, rates (use another rate set), settle (put aside a refused save). */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { id, act } = await params;
    const missing = refused(404, 'No study of that id.');
    switch (act) {
      case 'duplicate': {
        const copy = await duplicateStudy(id);
        return copy === undefined ? missing : Response.json(copy, { status: 201 });
      }
      case 'archive':
      case 'restore':
        return (await archiveStudy(id, act === 'archive')) ? Response.json({ ok: true }) : missing;
      case 'rates': {
        const result = await chooseRates(id, checked(ratesSchema, await jsonBody(request)));
        if (result.outcome === 'missing') return missing;
        if (result.outcome === 'no-set')
          return refused(422, 'No rate set of that id.', [
            { path: 'rateSetId', value: null, message: 'the id of a rate set' },
          ]);
        if (result.outcome === 'conflict')
          return refused(
            409,
            'Somebody saved this study since you opened it. Load it again before changing its rates.',
          );
        return Response.json(result);
      }
      case 'settle': {
        const { refusedId } = checked(z.object({ refusedId: z.uuid() }), await jsonBody(request));
        return (await dropRefusedSave(id, refusedId)) ? Response.json({ ok: true }) : missing;
      }
      default:
        return refused(404, `No such act: ${act}. Known: duplicate, archive, restore, rates, settle.`);
    }
  });
}
