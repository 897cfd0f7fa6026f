import { answering, limitedBody } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getRequestLine } from '@/server/quotes';
import { z } from 'zod';

const SHEET_LIMIT = 8 * 1024 * 1024;

/** Reads a reply sheet, a workbook or a CSV; nothing is saved. With it, whose request it answers. */
export function POST(request: Request): Promise<Response> {
  return answering(async () => {
    const bytes = await limitedBody(request, SHEET_LIMIT);
    const read = await inPool('replySheet', { bytes }, request.signal);
    const line = z.uuid().safeParse(read.lineId);
    const at = line.success ? await getRequestLine(line.data) : undefined;
    return Response.json({
      ...read,
      of:
        at === undefined
          ? null
          : { lineId: at.line.id, studyId: at.studyId, foundryId: at.line.foundryId, laneId: at.line.laneId },
    });
  });
}
