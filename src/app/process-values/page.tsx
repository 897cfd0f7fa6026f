import type { Metadata } from 'next';
import { listProcessSets } from '@/server/process-sets';
import { ProcessSets } from '@/ui/process-sets/process-sets';

export const metadata: Metadata = { title: 'Process values' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  return <ProcessSets sets={await listProcessSets()} />;
}
