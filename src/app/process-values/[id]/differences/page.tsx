import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { BOOK_PROCESS_ID } from '@/core/rates';
import { getProcessSet, listProcessSets } from '@/server/process-sets';
import { ProcessDifferences } from '@/ui/process-sets/differences';

export const metadata: Metadata = { title: 'Differences of process values' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ with?: string }> };

/** A set against another one: the one it was copied from unless another is named. */
export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const sets = await listProcessSets();
  const here = await getProcessSet(id);
  if (here === undefined) notFound();
  const named = (await searchParams).with;
  const other = named ?? (here.book ? sets.find((s) => s.id !== id)?.id : (here.copiedFrom ?? BOOK_PROCESS_ID)) ?? id;
  const there = await getProcessSet(other);
  if (there === undefined) notFound();
  return <ProcessDifferences here={here.ref} there={there.ref} sets={sets} />;
}
