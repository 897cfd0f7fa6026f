import type { Metadata } from 'next';
import { BenchView } from '@/ui/bench/bench-view';

export const metadata: Metadata = { title: 'Bench' };

export default function Page() {
  return (
    <>
      <h1>Throughput bench</h1>
      <BenchView fill={null} />
    </>
  );
}
