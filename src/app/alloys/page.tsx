import type { Metadata } from 'next';
import { ALLOY_FAMILIES } from '@/core/catalogue/alloys';
import { everyAlloy, SHIPPED_RATES } from '@/core/rates';
import { teamAlloysNow } from '@/server/team-alloys';
import { AlloyLibrary } from '@/ui/alloy-library/library';

export const metadata: Metadata = { title: 'Alloys' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  const team = await teamAlloysNow();
  const list = everyAlloy({ ...SHIPPED_RATES, alloys: team?.list ?? [] }).map((alloy) => ({
    alloy,
    familyName: ALLOY_FAMILIES.find((f) => f.id === alloy.family)?.name ?? alloy.family,
    price: team?.prices[alloy.id] ?? null,
  }));
  return <AlloyLibrary list={list} today={new Date().toISOString().slice(0, 10)} />;
}
