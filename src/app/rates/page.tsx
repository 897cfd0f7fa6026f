import type { Metadata } from 'next';
import { listRateSets } from '@/server/rates';
import { RateSets } from '@/ui/rates/rate-sets';

export const metadata: Metadata = { title: 'Rate sets' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  return <RateSets sets={await listRateSets()} />;
}
