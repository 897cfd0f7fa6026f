import { listStandings, studyPage } from '@/server/results';
import { openRequests } from '@/server/quotes';
import { listSchema } from '@/server/studies';
import { PartsList } from '@/ui/parts/parts-list';

/** The list of studies, the first page of what the address asks for. */
export default async function PartsPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const asked = listSchema.parse(await searchParams);
  const first = await studyPage(asked);
  const standings = asked.archived ? null : await listStandings();
  const waiting = asked.archived ? [] : await openRequests();
  return <PartsList key={String(asked.archived)} first={first} start={asked} standings={standings} waiting={waiting} />;
}
