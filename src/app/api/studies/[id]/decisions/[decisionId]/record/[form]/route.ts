import { z } from 'zod';
import { listDecisions, type DecisionRecord } from '@/server/decisions';
import { answering, checked, refused } from '@/server/http';
import { getStill } from '@/server/part-files';
import { recordCsv, recordPdf, recordSheet, recordWorkbook, type RecordSheet } from '@/server/record';

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
    const decision = (await listDecisions(id)).find((d) => d.id === decisionId);
    if (decision === undefined) return refused(404, 'No decision of that id.');
    const sheet = recordSheet(decision);
    if (sheet === null && form !== 'json')
      return refused(
        422,
        'This record was frozen by a build whose brief cannot be read any more; its JSON can be had.',
      );
    const body = await bodyOf(form, decision, sheet as RecordSheet, paper);
    return new Response(body, {
      headers: {
        'content-type': TYPES[form],
        'content-disposition': `attachment; filename="decision-${fileName(decision.frozen.brief.title)}.${form}"`,
      },
    });
  });
}

async function bodyOf(
  form: z.infer<typeof formSchema>,
  decision: DecisionRecord,
  sheet: RecordSheet,
  paper: 'A4' | 'LETTER',
): Promise<BodyInit> {
  switch (form) {
    case 'json':
      return `${JSON.stringify({ format: 'nine-pours-decision', edition: 1, ...decision }, null, 1)}\n`;
    case 'csv':
      return recordCsv(sheet);
    case 'xlsx':
      return Buffer.from(await recordWorkbook(sheet));
    case 'pdf': {
      const file = decision.frozen.brief.model?.file ?? null;
      const still = file === null ? null : await getStill(file);
      return Buffer.from(await recordPdf(sheet, { paper, still }));
    }
  }
}

const fileName = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'record';
