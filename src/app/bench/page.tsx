import { Heading } from '@chakra-ui/react';
import type { Metadata } from 'next';
import { BenchView } from '@/ui/bench/bench-view';

export const metadata: Metadata = { title: 'Calculator' };

export default function Page() {
  return (
    <>
      <Heading as="h1" size="lg" mt="3">
        Calculator
      </Heading>
      <BenchView fill={null} />
    </>
  );
}
