import type { Metadata } from 'next';
import { everyAlloy, ratesOf, SHIPPED_RATES, SHIPPED_REF } from '@/core/rates';
import { listBoughtParts, ratesOfSet } from '@/server/bought-parts';
import { inPool } from '@/server/jobs';
import { listRateSets } from '@/server/rates';
import { BoughtParts } from '@/ui/bought-parts/bought-parts';

export const metadata: Metadata = { title: 'Where to look first' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  const [sets, list, found] = await Promise.all([listRateSets(), listBoughtParts(), ratesOfSet(SHIPPED_RATES.id)]);
  const rates = found ?? SHIPPED_REF;
  return (
    <BoughtParts
      first={{ parts: await inPool('screenParts', { parts: list, rates }), currency: rates.currency }}
      firstRates={SHIPPED_RATES.id}
      sets={sets.map(({ id, name }) => ({ id, name }))}
      alloys={everyAlloy(ratesOf(rates)).map(({ id, name }) => ({ id, name }))}
    />
  );
}
