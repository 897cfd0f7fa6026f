import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { barcode, getTraveller, MOST_CODES } from '@/server/travellers';
import { TravellerPage } from '@/ui/traveller/traveller-page';

export const metadata: Metadata = { title: 'Traveller' };
export const dynamic = 'force-dynamic';

/** A traveller: read at arm’s length, ticked beside the furnace, printed. */
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const record = await getTraveller(id);
  if (record === undefined) notFound();
  const lot = `L${record.number}-${id.slice(0, 8).toUpperCase()}`;
  const count = Math.min(MOST_CODES, record.body.quantity.pours);
  const units = Array.from({ length: count }, (_, i) => barcode(`${lot}-${i + 1}`));
  return <TravellerPage record={record} lot={barcode(lot)} units={units} />;
}
