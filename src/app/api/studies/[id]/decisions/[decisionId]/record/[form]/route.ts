import { z } from 'zod';
import { frozenStill, getDecision, type DecisionRecord } from '@/server/decisions';
import { answering, checked, refused } from '@/server/http';
import type { JobProgress } from '@/core/base/job-progress';
import { followed, inPool } from '@/server/jobs';

const formSchema = z.enum(['pdf', 'xlsx', 'csv', 'json']);
const querySchema = z.object({ paper: z.enum(['A4', 'LETTER']).default('A4') });

const TYPES = {
  pdf: 'application/pdf',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  csv: 'text/csv; charset=utf-8',
  json: 'application/json; charset=utf-8',
} as const;

type Context = { params: Promise<{ id: string; decisionId: string; form: string }> };

/** The record of a decision as PDF (?paper=A4|LETTER), workbook, CSV or JSON. */
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answering(async () => {
    const { id, decisionId, form: asked } = await params;
    const form = checked(formSchema, asked);
    const { paper } = checked(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    const decision = await getDecision(id, decisionId);
    if (decision === undefined) return refused(404, 'No decision of that id.');
    const body = await followed(request, (onProgress) => bodyOf(form, decision, paper, request.signal, onProgress));
    if (body === null)
      return refused(
        422,
        'This record was signed by a build whose brief cannot be read any more; its JSON can be had.',
      );
    return new Response(body, {
      headers: {
        'content-type': TYPES[form],
        'content-disposition': `attachment; filename="decision-${fileName(decision.snapshot.brief.title)}.${form}"`,
      },
    });
  });
}

async function bodyOf(
  form: z.infer<typeof formSchema>,
  decision: DecisionRecord,
  paper: 'A4' | 'LETTER',
  signal: AbortSignal,
  onProgress: (progress: JobProgress) => void,
): Promise<BodyInit | null> {
  if (form === 'json')
    return `${JSON.stringify({ format: 'nine-pours-decision', edition: 1, ...decision }, null, 1)}\n`;
  const still = form === 'pdf' ? await frozenStill(decision.id) : null;
  const made = await inPool('record', { decision, form, paper, still }, signal, onProgress);
  return made === null || typeof made === 'string' ? made : Buffer.from(made);
}

const fileName = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'record';
