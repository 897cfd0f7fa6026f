import { z } from 'zod';
import { lifetimeQuantity } from '@/core/brief';
import { ratesOf } from '@/core/rates';
import { answering, checked, refused } from '@/server/http';
import { inPool } from '@/server/jobs';
import { heldQuotes, quotesOfFoundry } from '@/server/quotes';
import { getStudy } from '@/server/studies';

const MOST_RATES = 6;
const asked = z.object({
  foundry: z.string().min(1).max(40),
  /** Paths of rates that may move, apart by commas. */
  paths: z
    .string()
    .max(1000)
    .transform((text) => text.split(',').filter(Boolean))
    .refine((list) => list.length <= MOST_RATES, `at most ${MOST_RATES} rates`)
    .optional(),
});

/** Rates of a foundry fitted to what it asked in all studies, against the rates of this one. Nothing is saved. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  return answering(async () => {
    const { foundry, paths } = checked(asked, Object.fromEntries(new URL(request.url).searchParams));
    const study = await getStudy((await params).id);
    if (study === undefined) return refused(404, 'No study of that id.');
    const { foundries: _judged, ...rates } = study.rates;
    const { code } = ratesOf(study.rates).currency;
    const quotes = [];
    for (const { studyId, title, ...held } of await quotesOfFoundry(foundry)) {
      const of = studyId === study.id ? study : await getStudy(studyId);
      if (of === undefined || ratesOf(of.rates).currency.code !== code) continue;
      const { setting, given } = await heldQuotes(studyId, code);
      const { brief, school } = of;
      quotes.push({ title, brief, school, q: lifetimeQuantity(brief) ?? 1, held, setting, given });
    }
    return Response.json(await inPool('calibration', { rates, paths: paths ?? null, quotes }, request.signal));
  });
}
