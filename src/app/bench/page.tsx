import { Heading } from '@chakra-ui/react';
import type { Metadata } from 'next';
import { BenchView } from '@/ui/bench/bench-view';

export const metadata: Metadata = { title: 'Bench' };

export default function Page() {
  return (
    <>
      <Heading as="h1" size="lg">
        Throughput bench
      </Heading>
      <BenchView fill={null} />
    </>
  );
}
