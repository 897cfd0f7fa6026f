import { z } from 'zod';
import { travellerCsv } from '@/core/traveller';
import { answering, checked, refused } from '@/server/http';
import { getTraveller } from '@/server/travellers';

const asked = z.object({ format: z.enum(['csv', 'json'], { error: 'csv or json' }) });

/** A traveller as a file: CSV, or JSON with its ticks. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { format } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    const found = await getTraveller((await params).id);
    if (found === undefined) return refused(404, 'No traveller of that id.');
    const name = `traveller-${found.number}.${format}`;
    const text = format === 'csv' ? `\uFEFF${travellerCsv(found.body)}` : JSON.stringify(found, null, 2);
    return new Response(text, {
      headers: {
        'content-type': format === 'csv' ? 'text/csv; charset=utf-8' : 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename="${name}"`,
      },
    });
  });
}
