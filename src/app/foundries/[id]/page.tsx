import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getFoundry } from '@/server/foundries';
import { FoundryView } from '@/ui/foundries/foundry-view';

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ edit?: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: (await getFoundry((await params).id))?.name ?? 'No such foundry' };
}

export default async function Page({ params, searchParams }: Props) {
  const record = await getFoundry((await params).id);
  if (record === undefined) notFound();
  const editing = (await searchParams).edit === '1';
  return (
    <FoundryView
      key={`${record.id} ${record.version}`}
      record={record}
      today={new Date().toISOString().slice(0, 10)}
      editingFirst={editing}
    />
  );
}
