import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ALLOY_FAMILIES, findAlloy, HAZARDS } from '@/core/catalogue/alloys';
import { getAlloy, teamAlloysNow } from '@/server/team-alloys';
import { AlloyPage } from '@/ui/alloy-library/alloy-page';

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ edit?: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: findAlloy(id)?.name ?? (await getAlloy(id))?.own?.name ?? 'No such alloy' };
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const [record, team] = await Promise.all([getAlloy(id), teamAlloysNow()]);
  const alloy = findAlloy(id) ?? team?.list.find((a) => a.id === id);
  if (record === undefined || alloy === undefined) notFound();
  return (
    <AlloyPage
      key={`${id} ${record.own?.version ?? 0}`}
      alloy={alloy}
      base={findAlloy(record.own?.from) ?? null}
      record={record}
      choices={{
        families: ALLOY_FAMILIES.map(({ id: family, name }) => ({ id: family, name })),
        hazards: HAZARDS.map(({ id: hazard, title }) => ({ id: hazard, title })),
      }}
      today={new Date().toISOString().slice(0, 10)}
      editingFirst={(await searchParams).edit === '1'}
    />
  );
}
