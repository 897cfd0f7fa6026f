import { z } from 'zod';
import { laneWords } from '@/core/catalogue/routes';
import { CORE_VERSION } from '@/core/base/version';
import { replyCsv, toStudyFile, type ReplySheetOf } from '@/server/exchange';
import { answering, checked, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { getPartFile, streamPartFile } from '@/server/part-files';
import { getRequest, type RequestLine, type RequestRecord } from '@/server/quotes';
import { getStudy } from '@/server/studies';

const formSchema = z.enum(['zip', 'pdf', 'xlsx', 'csv']);
const querySchema = z.object({ paper: z.enum(['A4', 'LETTER']).default('A4'), line: z.uuid().optional() });

const TYPES = {
  zip: 'application/zip',
  pdf: 'application/pdf',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  csv: 'text/csv; charset=utf-8',
} as const;
/** Part files up to so many bytes go into the pack. */
const MOST_FILE = 120_000_000;

/** The reply sheet of one line: the alloy and the lines of work stand in it already. */
function sheetOf({ asked }: RequestRecord, line: RequestLine): ReplySheetOf {
  const { route, variant } = laneWords(line.laneId);
  const work = asked.scope.map((words, i): [string, string] => [`scope.${i + 1}.line`, words]);
  return {
    lineId: line.id,
    title: asked.title,
    foundry: line.foundry,
    route: `${route}, ${variant}`,
    filled: { ...(asked.alloy === null ? {} : { alloy: asked.alloy.id }), ...Object.fromEntries(work) },
  };
}

/**
 * A request as it goes out: the pack (zip), the paper (pdf, ?paper=A4|LETTER), or the reply sheet of one line
 * (xlsx or csv, ?line=ID).
 */
export function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; form: string }> },
): Promise<Response> {
  return answering(async () => {
    const { id, form: asked } = await params;
    const form = checked(formSchema, asked);
    const { paper, line: lineId } = checked(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    const found = await getRequest(id);
    if (found === undefined) return refused(404, 'No request of that id.');
    const lines = lineId === undefined ? found.lines : found.lines.filter((l) => l.id === lineId);
    const [first] = lines;
    if (first === undefined) return refused(404, 'No line of that id in this request.');
    const sent = {
      ...{ number: found.number, sentBy: found.sentBy, sentOn: found.sentAt.slice(0, 10), answerBy: found.answerBy },
      to: lines.map(({ foundry, laneId }) => ({ foundry, laneId })),
      ...{ request: found.asked, paper },
    };
    const body = await bodyOf(form, found, lines, sent, request.signal);
    if (body === null) return refused(404, 'The study of this request is not there any more.');
    return new Response(typeof body === 'string' ? body : Buffer.from(body), {
      headers: {
        'content-type': TYPES[form],
        'content-disposition': `attachment; filename="request-${found.number}${lineId === undefined ? '' : `-${lines.indexOf(first) + 1}`}.${form}"`,
      },
    });
  });
}

async function bodyOf(
  form: z.infer<typeof formSchema>,
  found: RequestRecord,
  lines: readonly RequestLine[],
  sent: Parameters<typeof inPool<'requestPaper'>>[1],
  signal: AbortSignal,
): Promise<string | Uint8Array | null> {
  const [first] = lines;
  if (first === undefined) return null;
  if (form === 'csv') return replyCsv(sheetOf(found, first));
  if (form === 'xlsx') return inPool('replyBook', sheetOf(found, first), signal);
  if (form === 'pdf') return inPool('requestPaper', sent, signal);
  const study = await getStudy(found.studyId);
  if (study === undefined) return null;
  const { brief, school } = study;
  const file = brief.model === null ? undefined : await getPartFile(brief.model.file);
  const stream = file === undefined || file.bytes > MOST_FILE ? undefined : await streamPartFile(file.id);
  return inPool(
    'requestPack',
    {
      paper: sent,
      brief: `${JSON.stringify(toStudyFile({ brief, school }, new Date(found.sentAt), CORE_VERSION), null, 1)}\n`,
      sheets: lines.map((line) => sheetOf(found, line)),
      file:
        stream === undefined || file === undefined
          ? null
          : { name: file.name, bytes: new Uint8Array(await new Response(stream).arrayBuffer()) },
    },
    signal,
  );
}
