import { listFoundries } from '@/server/foundries';
import { QuotesView } from '@/ui/quotes/quotes-view';

export const dynamic = 'force-dynamic';

export default async function Page() {
  const foundries = (await listFoundries()).map(({ id, name, profile }) => ({
    ...{ id, name },
    lanes: profile.lines.map(({ route, variant }) => `${route}/${variant}`),
  }));
  return <QuotesView foundries={foundries} />;
}
