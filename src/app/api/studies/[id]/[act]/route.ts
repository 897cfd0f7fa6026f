import { z } from 'zod';
import { answering, checked, jsonBody, refused } from '@/server/http';
import {
  archiveStudy,
  chooseProcess,
  chooseRates,
  dropRefusedSave,
  duplicateStudy,
  judgeBy,
  type ChooseRatesResult,
} from '@/server/studies';

type Context = { params: Promise<{ id: string; act: string }> };

const ratesSchema = z.object({
  rateSetId: z.string().min(1).max(40),
  version: z.number().int().min(1).max(4_294_967_295),
});

const processSchema = z.object({
  processSetId: z.string().min(1).max(40).nullable(),
  version: z.number().int().min(1).max(4_294_967_295),
});

const judgedSchema = z.object({
  judged: z.enum(['book', 'one', 'all']),
  foundryId: z.string().min(1).max(40).nullable().default(null),
  version: z.number().int().min(1).max(4_294_967_295),
});

/** The answer to a choice of what a study is judged by. */
function chosen(result: ChooseRatesResult, field: string, what: string): Response {
  switch (result.outcome) {
    case 'chosen':
      return Response.json(result);
    case 'missing':
      return refused(404, 'No study of that id.');
    case 'no-set':
      return refused(422, `No ${what} of that id.`, [{ path: field, value: null, message: `the id of a ${what}` }]);
    case 'conflict':
      return refused(409, 'Somebody saved this study since you opened it. Load it again before changing this.');
  }
}

/** Acts on a study: duplicate, archive, restore, rates (use another rate set), process (other process values),
 * judged (by the book, one foundry or all), settle (put aside a refused save). */
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
      case 'rates':
        return chosen(await chooseRates(id, checked(ratesSchema, await jsonBody(request))), 'rateSetId', 'rate set');
      case 'process':
        return chosen(
          await chooseProcess(id, checked(processSchema, await jsonBody(request))),
          'processSetId',
          'set of process values',
        );
      case 'judged':
        return chosen(await judgeBy(id, checked(judgedSchema, await jsonBody(request))), 'foundryId', 'foundry');
      case 'settle': {
        const { refusedId } = checked(z.object({ refusedId: z.uuid() }), await jsonBody(request));
        return (await dropRefusedSave(id, refusedId)) ? Response.json({ ok: true }) : missing;
      }
      default:
        return refused(404, `No such act: ${act}. Known: duplicate, archive, restore, rates, process, judged, settle.`);
    }
  });
}
