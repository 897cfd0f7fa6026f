import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { SHIPPED_RATES } from '@/core/rates';
import { getRateSet, listRateSets } from '@/server/rates';
import { Differences } from '@/ui/rates/differences';

export const metadata: Metadata = { title: 'Differences of rate sets' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ with?: string }> };

/** A set against another one: the one it was copied from unless another is named. */
export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const sets = await listRateSets();
  const here = await getRateSet(id);
  if (here === undefined) notFound();
  const named = (await searchParams).with;
  const other =
    named ?? (here.shipped ? sets.find((s) => s.id !== id)?.id : (here.copiedFrom ?? SHIPPED_RATES.id)) ?? id;
  const there = await getRateSet(other);
  if (there === undefined) notFound();
  return <Differences here={here.ref} there={there.ref} sets={sets} />;
}
