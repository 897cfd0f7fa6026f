import { z } from 'zod';
import { evaluate } from '@/core/comparison/board';
import { ratesOf } from '@/core/rates';
import { comparisonCsv } from '@/server/exchange';
import { answering, checked, refused } from '@/server/http';
import { getStudy } from '@/server/studies';

const querySchema = z.object({ quantity: z.coerce.number().int().min(1).max(1_000_000).optional() });

/** The comparison as CSV at ?quantity=N, default the brief's own. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { quantity } = checked(querySchema, Object.fromEntries(new URL(request.url).searchParams));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const csv = comparisonCsv(
      evaluate(study.brief, { school: study.school, rates: ratesOf(study.rates), ...(quantity ? { quantity } : {}) }),
    );
    return new Response(csv, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="comparison.csv"',
      },
    });
  });
}
