import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getProcessSet } from '@/server/process-sets';
import { ProcessSetView } from '@/ui/process-sets/process-set-view';

type Props = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const set = await getProcessSet((await params).id);
  return { title: set?.ref.name ?? 'No such set of process values' };
}

export default async function Page({ params }: Props) {
  const set = await getProcessSet((await params).id);
  if (set === undefined) notFound();
  return <ProcessSetView key={set.ref.id} record={set} />;
}
