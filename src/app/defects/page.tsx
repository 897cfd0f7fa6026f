import type { Metadata } from 'next';
import { everyAlloy, SHIPPED_RATES } from '@/core/rates';
import { teamAlloysNow } from '@/server/team-alloys';
import { Defects } from '@/ui/defects/defects';

export const metadata: Metadata = { title: 'Defects' };
export const dynamic = 'force-dynamic';

type Props = { searchParams: Promise<{ route?: string; alloy?: string }> };

export default async function Page({ searchParams }: Props) {
  const { route = '', alloy = '' } = await searchParams;
  const team = await teamAlloysNow();
  const alloys = everyAlloy({ ...SHIPPED_RATES, alloys: team?.list ?? [] });
  return (
    <Defects
      alloys={alloys.map(({ id, name, family }) => ({ id, name, family }))}
      startRoute={route}
      startAlloy={alloy}
    />
  );
}
