import type { Metadata } from 'next';
import { listQuotes, openRequests } from '@/server/quotes';
import { QuotesList } from '@/ui/quotes/quotes-list';

export const metadata: Metadata = { title: 'Quotes' };
export const dynamic = 'force-dynamic';

/** Requests that wait, for this page. */
const MOST_WAITING = 200;

export default async function Page() {
  const [first, waiting] = await Promise.all([listQuotes('', 0), openRequests(MOST_WAITING)]);
  return <QuotesList first={first} waiting={waiting} today={new Date().toISOString().slice(0, 10)} />;
}
