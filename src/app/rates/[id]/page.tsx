import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getRateSet } from '@/server/rates';
import { RateSetView } from '@/ui/rates/rate-set-view';

type Props = { params: Promise<{ id: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const set = await getRateSet((await params).id);
  return { title: set?.ref.name ?? 'No such rate set' };
}

export default async function Page({ params }: Props) {
  const set = await getRateSet((await params).id);
  if (set === undefined) notFound();
  return <RateSetView key={set.ref.id} record={set} today={new Date().toISOString().slice(0, 10)} />;
}
