import { standings } from '@/server/decisions';
import { listStudies } from '@/server/studies';
import { PartsList } from '@/ui/parts/parts-list';

/** The list of studies. */
export default async function PartsPage({ searchParams }: { searchParams: Promise<{ archived?: string }> }) {
  const archived = (await searchParams).archived === '1';
  return (
    <PartsList
      studies={await listStudies(archived)}
      standings={archived ? [] : await standings()}
      archived={archived}
    />
  );
}
