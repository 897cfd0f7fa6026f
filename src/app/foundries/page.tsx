import type { Metadata } from 'next';
import { listFoundries } from '@/server/foundries';
import { Foundries } from '@/ui/foundries/foundries';

export const metadata: Metadata = { title: 'Foundries' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  return <Foundries list={await listFoundries()} today={new Date().toISOString().slice(0, 10)} />;
}
