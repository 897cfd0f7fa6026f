import type { Metadata } from 'next';
import { listQuotes, openRequests } from '@/server/quotes';
import { QuotesList } from '@/ui/quotes/quotes-list';

export const metadata: Metadata = { title: 'Quotes' };
export const dynamic = 'force-dynamic';

/** Requests that wait, for this page. */
const MOST_WAITING = 200;

const MOST_LETTERS = 120;

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | string[]>> }) {
  const { words = '' } = await searchParams;
  const asked = (typeof words === 'string' ? words : '').slice(0, MOST_LETTERS);
  const [first, waiting] = await Promise.all([listQuotes(asked, 0), openRequests(MOST_WAITING)]);
  return <QuotesList first={first} asked={asked} waiting={waiting} today={new Date().toISOString().slice(0, 10)} />;
}
